/** Round things: movement of a section, and how far and which way it is off centre. Angles in radians, clockwise. */
package org.eskarn.core.round;
