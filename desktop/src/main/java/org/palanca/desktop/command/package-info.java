/** Everything the user can do, by name: menus, keys and the finder are made from the same list. */
package org.palanca.desktop.command;
