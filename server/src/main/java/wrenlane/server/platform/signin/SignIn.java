package wrenlane.server.platform.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.time.Duration;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.web.authentication.rememberme.TokenBasedRememberMeServices;
import org.springframework.stereotype.Service;
import wrenlane.server.platform.network.ConditionalOnNetwork;
import wrenlane.server.platform.problem.BusyException;
import wrenlane.server.platform.problem.RefusedException;

/** Signs devices in by the passphrase, and out. */
@ConditionalOnNetwork
@Service
class SignIn {
    private final Passphrase passphrase;
    private final Guesses guesses;
    private final Devices devices;
    private final TokenBasedRememberMeServices tokens;

    SignIn(Passphrase passphrase, Guesses guesses, Devices devices, TokenBasedRememberMeServices tokens) {
        this.passphrase = passphrase;
        this.guesses = guesses;
        this.devices = devices;
        this.tokens = tokens;
    }

    /**
     * Checks a passphrase and has the device carry a signed token from now on. One try is checked at a time, whoever makes
     * it.
     *
     * @throws BusyException while this address has to wait
     * @throws RefusedException for a wrong one
     */
    synchronized void in(String typed, HttpServletRequest request, HttpServletResponse response) {
        String address = request.getRemoteAddr();
        Duration wait = guesses.wait(address);
        if (!wait.isZero()) {
            throw new BusyException("Too many wrong tries: wait " + wait.toSeconds() + " s before the next one.", wait);
        }
        if (!passphrase.matches(typed)) {
            guesses.failed(address);
            throw RefusedException.of("wrong-passphrase", "passphrase", "That is not the passphrase of this school.");
        }
        guesses.passed(address);
        UserDetails device =
                SignInConfig.device(devices.signedIn(address, request.getHeader("User-Agent")), passphrase);
        tokens.loginSuccess(
                request,
                response,
                UsernamePasswordAuthenticationToken.authenticated(device, null, device.getAuthorities()));
    }

    /** Has the device forget its token, and the server too. */
    void out(HttpServletRequest request, HttpServletResponse response) {
        Principal device = request.getUserPrincipal();
        if (device != null) {
            devices.signOut(device.getName());
        }
        tokens.logout(request, response, null);
    }
}
