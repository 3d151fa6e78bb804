/** The page's nonce for style tags made by scripts; browsers hide it from the attribute, not from the property. */
export const nonce = (): string => document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce ?? "";
