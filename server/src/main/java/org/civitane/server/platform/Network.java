package org.civitane.server.platform;

import jakarta.servlet.http.HttpServletRequest;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.HexFormat;

/** From where a request comes, as far as it can be told: one household or office. */
public final class Network {
    private static final int NETWORK_OF_V6 = 8;

    private Network() {}

    /** The address as it is, of the longer kind its first half, since whoever has one has all of that. */
    public static String of(HttpServletRequest request) {
        String address = request.getRemoteAddr();
        try {
            InetAddress parsed = InetAddress.getByName(address);
            return parsed instanceof Inet6Address
                    ? HexFormat.of().formatHex(Arrays.copyOf(parsed.getAddress(), NETWORK_OF_V6))
                    : parsed.getHostAddress();
        } catch (UnknownHostException e) {
            return address;
        }
    }
}
