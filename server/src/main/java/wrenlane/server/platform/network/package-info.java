/**
 * The app on the network of a yard: over TLS by a certificate authority of the school's own, for those who know its
 * passphrase. What comes over loopback is asked for nothing.
 */
@NullMarked
package wrenlane.server.platform.network;

import org.jspecify.annotations.NullMarked;
