/** What stands on the shelf: products with their packs, what there is of them, and the range that is worked with. */
@NullMarked
package mischung.shelf;

import org.jspecify.annotations.NullMarked;
