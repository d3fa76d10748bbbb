/** From a fit code or a bearing to limits, from measured sizes to the clearance that is really there, and what heat does to it. */
package org.eskarn.core.fit;
