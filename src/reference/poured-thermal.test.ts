import { pouredThermal } from './poured-thermal';

describe('pouredThermal', () => {
  it('has lead as the handbooks have it', () => {
    const lead = pouredThermal({ Pb: 1 })!;
    expect(lead.melting).toEqual({ solidusC: 327.5, liquidusC: 327.5, latentJkg: 23_000 });
    expect(lead.freezingShrink).toBeCloseTo(0.035, 3);
    expect(lead.densityKgM3).toBeGreaterThan(10_700);
    expect(lead.densityKgM3).toBeLessThan(11_000);
    expect(lead.isLiquidusGuess).toBe(false);
  });

  it('has bismuth-tin swell a little as it freezes, and melt at its eutectic', () => {
    const alloy = pouredThermal({ Bi: 0.58, Sn: 0.42 })!;
    expect(alloy.melting.solidusC).toBeCloseTo(138.5, 0);
    expect(alloy.freezingShrink).toBeLessThan(0.002);
    expect(alloy.surfaceNm).toBeGreaterThan(0.378);
    expect(alloy.surfaceNm).toBeLessThan(0.56);
  });

  it('never has liquid begin under solid, and says where its liquidus is a guess', () => {
    const odd = pouredThermal({ Sn: 0.8, Bi: 0.1, Sb: 0.1 })!;
    expect(odd.melting.liquidusC).toBeGreaterThanOrEqual(odd.melting.solidusC);
    expect(odd.isLiquidusGuess).toBe(true);
  });

  it('knows nothing of what nobody knows', () => {
    expect(pouredThermal(null)).toBeNull();
    expect(pouredThermal({ Pb: 0.5, Xx: 0.5 })).toBeNull();
  });
});
