/**
 * Reading the tables of the trade (CSV resources) and refusing them when they have gaps. Open
 * {@link joropo.core.tables.CsvTable} first; the rooms that own a rule read their own table through it.
 */
@NullMarked
package joropo.core.tables;

import org.jspecify.annotations.NullMarked;
