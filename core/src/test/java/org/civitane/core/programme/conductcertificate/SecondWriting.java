package org.civitane.core.programme.conductcertificate;

import java.math.BigDecimal;
import java.math.MathContext;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.person.Names;
import org.civitane.core.person.Names.Verdict;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Handover;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Passport;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Payment;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Photo;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Purpose;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Stay;

/**
 * The chapter written a second time, day by day and without regard to speed, so that the rules can be held against it.
 * It reads the lines of passports of Halvern without a personal number.
 */
final class SecondWriting {
    private static final String VALUES = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ";
    private static final int[] WEIGHTS = {7, 3, 1};

    private final ConductCertificateCase file;
    private final LocalDate received;
    private final Set<String> missing = new TreeSet<>();

    /** What the chapter comes to: its outcome as {@code Determined.told}, its two figures, and what is missing. */
    record Said(String outcome, String residenceDays, String fee, List<String> missing, LocalDate dueBy) {}

    private SecondWriting(ConductCertificateCase file) {
        this.file = file;
        this.received = file.receivedOn();
    }

    static Said of(ConductCertificateCase file) {
        return new SecondWriting(file).write();
    }

    private Said write() {
        lookAtThePassport();
        lookAtThePhoto();
        lookAtTheRest();
        LocalDate dueBy = businessDaysAfter(received, file.fast() ? 5 : 20);
        if (!missing.isEmpty()) {
            return new Said("m1 PENDING APPLICATION", "absent", "absent", List.copyOf(missing), dueBy);
        }
        long days = residenceDays();
        int postage = switch (file.handover().orElseThrow().way()) {
            case DESK -> 0;
            case MAIL -> 4;
            case MAIL_ABROAD -> 19;
        };
        int fee = 18 * file.copies().orElseThrow() + (file.fast() ? 12 : 0) + postage;
        String outcome = decided(days, fee + ".00");
        return new Said("m1 " + outcome, String.valueOf(days), fee + ".00", List.copyOf(missing), dueBy);
    }

    private String decided(long days, String fee) {
        LocalDate born = file.members().getFirst().dateOfBirth();
        if (digits(received) - digits(born) < 16_00_00) {
            return "DENIED AGE";
        }
        if (days < 183) {
            return "DENIED RESIDENCE";
        }
        if (file.policeRegister().isEmpty()) {
            missing.add("police-register");
            return "PENDING REGISTER";
        }
        return switch (file.policeRegister().get()) {
            case UNAVAILABLE -> {
                missing.add("police-register");
                yield "PENDING REGISTER";
            }
            case POSSIBLE_MATCH -> {
                missing.add("police-review");
                yield "PENDING REGISTER";
            }
            case CLEAR -> "ISSUE CLEAR" + yields(fee);
            case ENTRIES -> "ISSUE_WITH_ENTRIES ENTRIES" + yields(fee);
        };
    }

    private String yields(String fee) {
        LocalDate from = file.issuedOn().orElse(received);
        return " fee " + fee + " validUntil " + from.plusMonths(6) + " next " + next();
    }

    private String next() {
        if (!isPaid()) {
            return "PAY";
        }
        Handover handover = file.handover().orElseThrow();
        if (handover.way() != Handover.Way.DESK) {
            return "MAIL";
        }
        return handover.by() == Handover.By.PROXY && !handover.authority() ? "AUTHORITY" : "HAND_OVER";
    }

    private boolean isPaid() {
        if (file.payment().isEmpty() || !file.payment().get().paid()) {
            return false;
        }
        Payment payment = file.payment().get();
        boolean atTheDesk = payment.channel().equals(Optional.of(Payment.Channel.DESK));
        return !atTheDesk || payment.on().orElse(received).getYear() < 2026;
    }

    private long residenceDays() {
        long days = 0;
        for (LocalDate day = received.minusYears(10); day.isBefore(received); day = day.plusDays(1)) {
            for (Stay stay : file.residence().orElseThrow()) {
                if (!day.isBefore(stay.from()) && !day.isAfter(stay.to().orElse(LocalDate.MAX))) {
                    days++;
                    break;
                }
            }
        }
        return days;
    }

    private void lookAtThePassport() {
        if (file.passport().isEmpty()) {
            missing.add("passport");
            return;
        }
        Passport passport = file.passport().get();
        if (passport.expiresOn().isBefore(received)) {
            missing.add("passport");
        }
        if (passport.mrz().size() != 2 || !agrees(passport)) {
            missing.add("passport-mrz");
        }
    }

    private boolean agrees(Passport passport) {
        String first = passport.mrz().getFirst();
        String second = passport.mrz().getLast();
        if (first.length() != 44 || second.length() != 44) {
            return false;
        }
        String composite = second.substring(0, 10) + second.substring(13, 20) + second.substring(21, 43);
        boolean right = isChecked(second.substring(0, 9), second.charAt(9))
                && isChecked(second.substring(13, 19), second.charAt(19))
                && isChecked(second.substring(21, 27), second.charAt(27))
                && isChecked(second.substring(28, 42), second.charAt(42))
                && isChecked(composite, second.charAt(43));
        String[] names = first.substring(5).split("<<");
        String name = names[1].replace('<', ' ') + " " + names[0].replace('<', ' ');
        boolean late = Integer.parseInt(second.substring(13, 15)) > received.getYear() % 100;
        return right
                && Names.compare(name, passport.name()) != Verdict.CONFLICT
                && (late ? "19" : "20").concat(second.substring(13, 19)).equals(written(passport.dateOfBirth()))
                && "20".concat(second.substring(21, 27)).equals(written(passport.expiresOn()));
    }

    private static String written(LocalDate day) {
        return day.toString().replace("-", "");
    }

    private static boolean isChecked(String text, char digit) {
        int sum = 0;
        for (int i = 0; i < text.length(); i++) {
            sum += WEIGHTS[i % 3] * Math.max(0, VALUES.indexOf(text.charAt(i)));
        }
        return digit == Character.forDigit(sum % 10, 10);
    }

    private void lookAtThePhoto() {
        if (file.photo().isEmpty()) {
            missing.add("photo");
            return;
        }
        Photo photo = file.photo().get();
        if (!Set.of("JPEG", "PNG").contains(photo.format())) {
            missing.add("photo-format");
        }
        if (photo.widthPx() < 413 || photo.heightPx() < 531 || photo.bytes() > 2 * 1024 * 1024) {
            missing.add("photo-size");
        }
        BigDecimal shape = photo.heightPx() == 0
                ? BigDecimal.TEN
                : new BigDecimal(photo.widthPx()).divide(new BigDecimal(photo.heightPx()), MathContext.DECIMAL128);
        if (shape.compareTo(new BigDecimal("0.74")) < 0 || shape.compareTo(new BigDecimal("0.82")) > 0) {
            missing.add("photo-shape");
        }
        if (photo.takenOn().isAfter(received) || photo.takenOn().isBefore(received.minusMonths(6))) {
            missing.add("photo-age");
        }
    }

    private void lookAtTheRest() {
        file.residence().ifPresentOrElse(periods -> {}, () -> missing.add("residence"));
        file.country().ifPresentOrElse(country -> {}, () -> missing.add("country"));
        file.handover().ifPresentOrElse(handover -> {}, () -> missing.add("handover"));
        if (file.purpose().isEmpty()) {
            missing.add("purpose");
        } else if (file.purpose().get() == Purpose.OTHER && file.explanation().isEmpty()) {
            missing.add("explanation");
        } else if (Set.of(Purpose.ADOPTION, Purpose.RESIDENCE)
                        .contains(file.purpose().get())
                && !file.letter()) {
            missing.add("letter");
        }
        if (file.copies().isEmpty() || file.copies().get() < 1 || file.copies().get() > 5) {
            missing.add("copies");
        }
        if (file.identity().isEmpty() || file.identity().get() != IdentityCheck.Result.CONFIRMED) {
            missing.add("identity");
        }
        if (file.signatures().isEmpty()) {
            missing.add("signature:m1");
        } else if (file.signatures().stream()
                .noneMatch(signature -> Names.compare(signature.name(), "Runa Ostby") == Verdict.MATCH)) {
            missing.add("signature-name:m1");
        }
    }

    private static int digits(LocalDate day) {
        return day.getYear() * 1_00_00 + day.getMonthValue() * 100 + day.getDayOfMonth();
    }

    private static LocalDate businessDaysAfter(LocalDate start, int number) {
        LocalDate day = start;
        for (int counted = 0; counted < number; ) {
            day = day.plusDays(1);
            boolean weekend = day.getDayOfWeek() == DayOfWeek.SATURDAY || day.getDayOfWeek() == DayOfWeek.SUNDAY;
            counted += weekend || !BusinessCalendar.rolledForward(day).equals(day) ? 0 : 1;
        }
        return day;
    }
}
