/** True where the machine asks for less motion: stills are shown in place of films, and it is said. */
export const lessMotion = () => window.matchMedia("(prefers-reduced-motion: reduce)").matches;
