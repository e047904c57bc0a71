/** A UUID as RFC 9562 (section 4) writes it, of any version. */
export const uuidPattern = /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i
