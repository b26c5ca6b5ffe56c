/** Of what bought parts are made of, g/cm3. Source: common handbooks, ordinary grades. */
export const BRASS_GCM3 = 8.5;
export const GLASS_GCM3 = 2.5;
export const PLASTIC_GCM3 = 1.05;
export const LEAD_GCM3 = 11.34;
