package wrenlane.server.platform.network;

import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.server.platform.problem.ConflictException;

/** How a phone gets to the app. */
@RestController
public class NetworkController {
    /** The page a phone begins with. */
    static final String FIRST_PAGE = "/range";

    /** Where the authority's certificate is taken from. */
    public static final String CERTIFICATE = "/api/network/authority.crt";

    private final ObjectProvider<NetworkConnector> connector;

    NetworkController(ObjectProvider<NetworkConnector> connector) {
        this.connector = connector;
    }

    /**
     * The app on the network.
     *
     * @param on whether it was started there
     * @param moved whether this machine's addresses are others by now: a start anew is needed
     * @param places where phones find it, the likeliest first
     * @param fingerprint SHA-256 of the authority's certificate, as phones show it; missing off the network
     */
    record Network(boolean on, boolean moved, List<Place> places, Optional<String> fingerprint) {}

    /**
     * One address.
     *
     * @param address to be typed
     * @param codeSize modules along a side of its QR code, quiet zone and all
     * @param codePath dark modules of the QR code, as the path of an SVG whose unit is a module
     */
    record Place(String address, int codeSize, String codePath) {
        static Place of(String address) {
            QrCode code = QrCode.of(address + FIRST_PAGE);
            return new Place(address, code.size(), code.path());
        }
    }

    /** Whether phones are let in, at which addresses, and what they have to trust. */
    @GetMapping("/api/network")
    Network getNetwork() {
        NetworkConnector here = connector.getIfAvailable();
        if (here == null) {
            return new Network(false, false, List.of(), Optional.empty());
        }
        return new Network(
                true,
                here.moved(),
                here.places().stream().map(Place::of).toList(),
                Optional.of(here.authority().fingerprint()));
    }

    /** The certificate of the school's own authority, as phones install it. */
    @GetMapping(path = CERTIFICATE, produces = "application/x-x509-ca-cert")
    ResponseEntity<byte[]> getCertificate() {
        NetworkConnector here = connector.getIfAvailable();
        if (here == null) {
            throw new ConflictException("There is a certificate on a network only: start with ./wren run --lan.");
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"wren-lane-authority.crt\"")
                .body(here.authority().file());
    }
}
