/** The trade of corrective colour and its computation, without any interface, storage or framework. */
@NullMarked
package mischung;

import org.jspecify.annotations.NullMarked;
