package wrenlane.server.platform.signin;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.EnumSet;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.servlet.DelegatingFilterProxyRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configuration.EnableWebSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.rememberme.InvalidCookieException;
import org.springframework.security.web.authentication.rememberme.TokenBasedRememberMeServices;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;
import wrenlane.server.platform.network.ConditionalOnNetwork;
import wrenlane.server.platform.network.ConnectionThrottle;
import wrenlane.server.platform.network.NetworkController;
import wrenlane.server.platform.problem.ProblemDocument;

/**
 * Who may ask for what: all that comes over TLS, and so from the network, is asked who it is before the data is touched.
 * Pages and their parts hold no data and are for everybody, and so are signing in and the authority's certificate. There
 * are no sessions in memory: a device carries a token signed with HMAC-SHA-256 over its end and the passphrase's hash,
 * so it stays signed in while the server is started anew. The token's cookie is sent to this site's own requests alone,
 * and writes from another site are refused before they come here.
 */
@ConditionalOnNetwork
@Configuration(proxyBeanMethods = false)
@EnableWebSecurity
public class SignInConfig {
    /** How long a device stays signed in; chosen by us: a season's lessons lie no further apart. */
    private static final Duration SIGNED_IN = Duration.ofDays(30);

    public static final String COOKIE = "wren-signed-in";

    /** There are devices, and no accounts. */
    private static final String DEVICE = "device";

    /** A device as it is known to sign-in: its number, and the passphrase it signed in by. */
    static UserDetails device(String id, Passphrase passphrase) {
        return User.withUsername(id)
                .password(passphrase.hash())
                .authorities(DEVICE)
                .build();
    }

    @Bean
    Passphrase passphrase(@Value("${wren.data}") String data) {
        Passphrase passphrase = Passphrase.of(Path.of(data));
        if (!passphrase.isSet()) {
            throw PassphrasePrompt.missing();
        }
        return passphrase;
    }

    @Bean
    UserDetailsService knownDevices(Devices devices, Passphrase passphrase) {
        return id -> {
            if (!devices.isSignedIn(id)) {
                throw new UsernameNotFoundException("signed out");
            }
            return device(id, passphrase);
        };
    }

    @Bean
    TokenBasedRememberMeServices tokens(
            Passphrase passphrase, UserDetailsService knownDevices, ConnectionThrottle connections) {
        TokenBasedRememberMeServices tokens = new DeviceTokens(passphrase.key(), knownDevices, connections);
        tokens.setAlwaysRemember(true);
        tokens.setCookieName(COOKIE);
        tokens.setTokenValiditySeconds((int) SIGNED_IN.toSeconds());
        tokens.setUseSecureCookie(true);
        tokens.setCookieCustomizer(cookie -> cookie.setAttribute("SameSite", "Strict"));
        return tokens;
    }

    /** A cookie that is no token is a device that is not signed in, whatever it says. */
    private static final class DeviceTokens extends TokenBasedRememberMeServices {
        private final ConnectionThrottle connections;

        DeviceTokens(String key, UserDetailsService devices, ConnectionThrottle connections) {
            super(key, devices);
            this.connections = connections;
        }

        @Override
        protected UserDetails processAutoLoginCookie(
                String[] parts, HttpServletRequest request, HttpServletResponse response) {
            try {
                UserDetails device = super.processAutoLoginCookie(parts, request, response);
                connections.knows(request.getRemoteAddr());
                return device;
            } catch (IllegalArgumentException | IllegalStateException e) {
                throw new InvalidCookieException("This cookie is no token.");
            }
        }
    }

    @Bean
    SecurityFilterChain fromTheNetwork(HttpSecurity http, TokenBasedRememberMeServices tokens) throws Exception {
        return http.securityMatcher(HttpServletRequest::isSecure)
                .authorizeHttpRequests(ask -> ask.requestMatchers("/api/session", NetworkController.CERTIFICATE)
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .rememberMe(remember -> remember.rememberMeServices(tokens).key(tokens.getKey()))
                .exceptionHandling(refuse -> refuse.authenticationEntryPoint((request, response, e) -> {
                    // What else was sent is not read.
                    response.setHeader("Connection", "close");
                    ProblemDocument.write(response, 401, "Sign in first: this device is not known here yet.");
                }))
                .addFilterAfter(new LaptopOnly(), AuthorizationFilter.class)
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                // The filter in front of this one sets headers and refuses other sites, on loopback too.
                .headers(AbstractHttpConfigurer::disable)
                .csrf(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .build();
    }

    /** Refuses a device what is for the laptop itself: all data at once, and who is signed in. */
    private static final class LaptopOnly extends OncePerRequestFilter {
        private static final List<RequestMatcher> OURS = Stream.of("/api/copies/**", DevicesController.DEVICES + "/**")
                .<RequestMatcher>map(PathPatternRequestMatcher.withDefaults()::matcher)
                .toList();

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            if (OURS.stream().anyMatch(m -> m.matches(request))) {
                ProblemDocument.write(
                        response, 403, "Copies of all data, and devices, are looked after on the laptop itself.");
            } else {
                chain.doFilter(request, response);
            }
        }
    }

    /** What no page of ours asks for is refused in a problem document as everywhere. */
    @Bean
    RequestRejectedHandler oddAddresses() {
        return (request, response, e) ->
                ProblemDocument.write(response, 400, "The address of this request is not one of this app.");
    }

    /** Before bodies are taken in; what the app sends on within itself was asked before. */
    @Bean
    DelegatingFilterProxyRegistrationBean signInFilter() {
        DelegatingFilterProxyRegistrationBean filter =
                new DelegatingFilterProxyRegistrationBean("springSecurityFilterChain");
        filter.setOrder(Ordered.HIGHEST_PRECEDENCE + 1);
        filter.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST));
        return filter;
    }
}
