/** What the rules need to know about a measuring instrument. */
package org.eskarn.core.gauge;
