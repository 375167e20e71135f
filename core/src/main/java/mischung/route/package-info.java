/** From the wish to routes side by side: compared, refused with their reason, priced and promised. */
@NullMarked
package mischung.route;

import org.jspecify.annotations.NullMarked;
