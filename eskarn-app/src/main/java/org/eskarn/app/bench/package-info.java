/** What to do now: dockets in hand, due dates, gauges falling due. */
package org.eskarn.app.bench;
