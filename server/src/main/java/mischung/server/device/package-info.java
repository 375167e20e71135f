/** The colour reader and the scale: the protocols they are spoken to in, and stand-ins made of software. */
@NullMarked
package mischung.server.device;

import org.jspecify.annotations.NullMarked;
