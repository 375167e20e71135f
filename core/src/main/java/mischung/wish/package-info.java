/** What the client wants to see, laid on the head as read. */
@NullMarked
package mischung.wish;

import org.jspecify.annotations.NullMarked;
