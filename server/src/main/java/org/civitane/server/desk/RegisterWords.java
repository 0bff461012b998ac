package org.civitane.server.desk;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.exchange.casefile.WholeName;
import org.civitane.server.determinations.Run;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.RegisterRequest;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** What a register answered, in words. */
@Component
class RegisterWords {
    private final Texts texts;

    RegisterWords(Texts texts) {
        this.texts = texts;
    }

    /** A question to a register with what came of it. */
    Desk.Inquiry inquiry(RegisterRequest request, Run run) {
        return new Desk.Inquiry(
                request.id(),
                request.register(),
                texts.say("register." + request.register()),
                request.subject().isEmpty() ? "" : run.nameOf(request.subject()),
                request.state(),
                texts.say(
                        "register.asked-at",
                        DayText.moment(request.triedAt().orElse(request.askedAt())),
                        request.attempts()),
                words(request));
    }

    private String words(RegisterRequest request) {
        return switch (request.state()) {
            case ASKED -> texts.say("register.asking");
            case SILENT -> texts.say("register.silent", request.attempts());
            case WITHOUT -> texts.say("register.without", request.because());
            case ANSWERED ->
                request.answer().map(answer -> answered(request, answer)).orElse("");
        };
    }

    private String answered(RegisterRequest request, JsonNode answer) {
        if (!answer.path("known").asBoolean(false)) {
            return texts.say("register.unknown");
        }
        return switch (request.register()) {
            case BENEFITS ->
                texts.say(
                        "register.answer.BENEFITS." + answer.path("status").asString("CLOSED"),
                        answer.path("holder").asString(""));
            case CIVIL ->
                texts.say(
                        "register.answer.CIVIL",
                        WholeName.of(answer),
                        Optional.of(answer.path("dateOfBirth").asString(""))
                                .filter(day -> !day.isEmpty())
                                .map(LocalDate::parse)
                                .map(DayText::date)
                                .orElse(""));
            case WAGES ->
                texts.say("register.answer.WAGES", answer.path("months").size());
            case POLICE -> texts.say("police." + answer.path("result").asString("CLEAR"));
        };
    }
}
