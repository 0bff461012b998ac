import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;

/** Sends twenty pictures of 5 MB at once as one applicant of the demo, and says how long it took and what came of it. */
public class Uploads {
    private static final int FILES = 20;

    public static void main(String[] arguments) throws Exception {
        String address = arguments[0];
        CookieManager cookies = new CookieManager();
        HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
        get(http, address + "/api/session");
        String token = token(cookies);
        http.send(
                HttpRequest.newBuilder(URI.create(address + "/api/session")).header("X-XSRF-TOKEN", token).header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString("{\"email\":\"runa.ostby@post.example\",\"password\":\"halvern-demo-2026\"}")).build(),
                HttpResponse.BodyHandlers.discarding());
        Matcher claim = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"").matcher(get(http, address + "/api/my/claims"));
        if (!claim.find()) {
            throw new IllegalStateException("The demo's applicant has no claim.");
        }
        String path = address + "/api/my/claims/" + claim.group(1) + "/papers?kind=OTHER";
        String fresh = token(cookies);
        List<byte[]> files = new ArrayList<>();
        for (int i = 0; i < FILES; i++) {
            files.add(picture(i));
        }
        List<Callable<HttpResponse<String>>> work = new ArrayList<>();
        for (int i = 0; i < FILES; i++) {
            byte[] file = files.get(i);
            HttpRequest request = HttpRequest.newBuilder(URI.create(path)).header("Content-Disposition", "attachment; filename=\"noise-" + i + ".png\"").header("X-XSRF-TOKEN", fresh)
                    .header("Content-Type", "application/octet-stream").POST(HttpRequest.BodyPublishers.ofByteArray(file)).build();
            work.add(() -> http.send(request, HttpResponse.BodyHandlers.ofString()));
        }
        long start = System.nanoTime();
        long taken = 0;
        try (var threads = Executors.newFixedThreadPool(FILES)) {
            for (var done : threads.invokeAll(work)) {
                taken += done.get().statusCode() == 200 ? 1 : 0;
                if (done.get().statusCode() != 200) {
                    System.out.println(done.get().statusCode() + " " + done.get().body());
                }
            }
        }
        System.out.printf("%d of %d pictures of %.1f MB taken in %.1f s%n", taken, FILES, files.getFirst().length / 1e6, (System.nanoTime() - start) / 1e9);
    }

    /** Noise does not compress, so 1,300 by 1,300 pixels are about 5 MB. */
    private static byte[] picture(int seed) throws Exception {
        BufferedImage image = new BufferedImage(1_300, 1_300, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(seed);
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                image.setRGB(x, y, random.nextInt());
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static String get(HttpClient http, String address) throws Exception {
        return http.send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString()).body();
    }

    private static String token(CookieManager cookies) {
        return cookies.getCookieStore().getCookies().stream().filter(cookie -> cookie.getName().equals("XSRF-TOKEN")).findFirst().orElseThrow().getValue();
    }
}
