/**
 * Figures in units of one system, or such a unit by itself at the head of a column: what a page or a sheet written in the
 * other must not say. Densities and what is made of them are the same to everybody.
 */
export const figuresOf = {
  metric:
    /(?<![\w.])\d[\d.,]*\s?(cm|m|g|C|km\/h|m\/s|cm²|bar)(?![\w/³²])|(?<!\w)(mm|cm|kg|°C|ml)(?![\w/³²])|(?<![\w/])cm³/,
  inches:
    /(?<![\w.])\d[\d.,/]*\s?(in|ft|F|in³|in²|ft\/s|psi)(?![\w/³²])|(?<!\w)(inch|inches|yd|oz|lb|°F|mph)(?![\w/³²])/,
} as const;
