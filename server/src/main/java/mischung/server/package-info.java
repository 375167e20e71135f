/** The application: starts, binds to this machine, keeps its data in one folder. */
@NullMarked
package mischung.server;

import org.jspecify.annotations.NullMarked;
