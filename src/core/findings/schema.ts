import { z } from 'zod'

// The content security policy forbids compiling code from strings, which Zod would try.
z.config({ jitless: true })

export { z }
