/** The register of gauges: calibrations, checks before use, blocks, status, schedule. */
package org.eskarn.app.gauge;
