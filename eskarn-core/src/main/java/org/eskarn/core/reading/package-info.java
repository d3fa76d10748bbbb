/** What is typed at the plate: entries, the layout of stations, and the sweep with its return. */
package org.eskarn.core.reading;
