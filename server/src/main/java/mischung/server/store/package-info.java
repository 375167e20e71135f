/** Cases in SQLite, by hand-written SQL. */
@NullMarked
package mischung.server.store;

import org.jspecify.annotations.NullMarked;
