/** What is asked of a feature: the registry of characteristics, limits, layouts, zeros. It does not compute. */
package org.eskarn.core.requirement;
