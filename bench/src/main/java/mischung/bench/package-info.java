/** How fast the core is, always beside a named baseline of the same run. */
@NullMarked
package mischung.bench;

import org.jspecify.annotations.NullMarked;
