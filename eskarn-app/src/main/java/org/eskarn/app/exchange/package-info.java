/** Parts, gauges and calibrations as open files, out and in: all of a file or nothing of it. */
package org.eskarn.app.exchange;
