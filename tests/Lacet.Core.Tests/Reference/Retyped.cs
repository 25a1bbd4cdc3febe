namespace Lacet.Core.Tests.Reference;

/// <summary>
/// The tables once more, written down a second time from the sources named, so that a slip in either shows. All from
/// memory of those documents; none was at hand.
/// </summary>
internal static class Retyped
{
    /// <summary>NEC chapter 9 table 8 (strands), ASTM B174 (fine strands), NEC chapter 9 table 5 in mm (insulation).</summary>
    internal static readonly (string Size, int Strands, int Fine, double Od)[] Gauges =
    [
        ("28 AWG", 7, 19, 1.2), ("26 AWG", 7, 19, 1.3), ("24 AWG", 7, 19, 1.4), ("22 AWG", 7, 19, 1.6), ("20 AWG", 7, 26, 1.8),
        ("18 AWG", 7, 16, 2.13), ("16 AWG", 7, 26, 2.44), ("14 AWG", 7, 41, 2.82), ("12 AWG", 7, 65, 3.3), ("10 AWG", 7, 104, 4.17),
        ("8 AWG", 7, 168, 5.49), ("6 AWG", 7, 266, 6.45), ("4 AWG", 7, 420, 8.23), ("3 AWG", 7, 532, 8.94), ("2 AWG", 7, 665, 9.75),
        ("1 AWG", 19, 836, 11.33), ("1/0 AWG", 19, 1064, 12.34), ("2/0 AWG", 19, 1323, 13.51), ("3/0 AWG", 19, 1666, 14.83),
        ("4/0 AWG", 19, 2107, 16.31), ("250 kcmil", 37, 2499, 18.06),
    ];

    /// <summary>IEC 60228: least strands of class 2, greatest Ω/km of class 1 and 2 and of class 5; EN 50525-2-31 diameters.</summary>
    internal static readonly (double Mm2, int Strands, int Fine, double Od, double? Ohm12, double? Ohm5)[] Metric =
    [
        (0.25, 7, 14, 1.3, null, null), (0.34, 7, 19, 1.5, null, null),
        (0.5, 7, 16, 2.3, 36.0, 39.0), (0.75, 7, 24, 2.45, 24.5, 26.0), (1, 7, 32, 2.6, 18.1, 19.5), (1.5, 7, 30, 3.1, 12.1, 13.3),
        (2.5, 7, 50, 3.75, 7.41, 7.98), (4, 7, 56, 4.35, 4.61, 4.95), (6, 7, 84, 4.85, 3.08, 3.30), (10, 7, 80, 6.25, 1.83, 1.91),
        (16, 7, 126, 7.4, 1.15, 1.21), (25, 7, 196, 9.3, 0.727, 0.780), (35, 7, 276, 10.7, 0.524, 0.554), (50, 19, 396, 12.7, 0.387, 0.386),
        (70, 19, 360, 14.6, 0.268, 0.272), (95, 19, 475, 16.65, 0.193, 0.206), (120, 37, 608, 18.45, 0.153, 0.161),
    ];

    /// <summary>ASME B1.1 and B18.6.3 in inches: #6 0.138 and 0.270, #8 0.164 and 0.322, #10 0.190 and 0.373.</summary>
    internal static readonly (string Name, double Major, double Head)[] Screws =
        [("#6", 0.138, 0.270), ("#8", 0.164, 0.322), ("#10", 0.190, 0.373)];

    /// <summary>DIN 46228-4: size, pins, pin bore, collar bore; entry; colours by DIN, French practice, the other series.</summary>
    internal static readonly (double Mm2, string Pins, double? Bore, double? Collar, double Entry, string Colours)[] Ferrules =
    [
        (0.25, "6 8", 0.8, 2.0, 2, "light blue/violet/light blue"),
        (0.34, "6 8", 0.8, 2.0, 2, "turquoise/pink/turquoise"),
        (0.5, "6 8 10", 1.0, 2.6, 2, "white/white/orange"),
        (0.75, "6 8 10 12", 1.2, 2.8, 2, "grey/blue/white"),
        (1, "6 8 10 12", 1.4, 3.0, 2, "red/red/yellow"),
        (1.5, "8 10 12 18", 1.7, 3.5, 2, "black/black/red"),
        (2.5, "8 12 18", 2.2, 4.2, 2, "blue/grey/blue"),
        (4, "10 12 18", 2.8, 4.8, 2, "grey/orange/grey"),
        (6, "12 18", 3.5, 6.3, 2, "yellow/green/black"),
        (10, "12 18", 4.5, 7.6, 3, "red/brown/ivory"),
        (16, "12 18", 5.8, 8.8, 3, "blue/ivory/green"),
        (25, "16 18 22", 7.3, 11.2, 4, "yellow/black/brown"),
        (35, "16 18 25", 8.3, 12.7, 4, "red/red/beige"),
        (50, "20 25", 10.3, 15.0, 5, "blue/blue/olive"),
        (70, "25", null, null, 0, "//"),
        (95, "25", null, null, 0, "//"),
        (120, "25", null, null, 0, "//"),
    ];

    /// <summary>IEC 60947-1, test torques by thread, columns I, II, III.</summary>
    internal static readonly (double Thread, double? I, double? II, double? III)[] TestTorques =
    [
        (1.6, 0.05, 0.1, 0.1), (2.0, 0.1, 0.2, 0.2), (2.8, 0.2, 0.4, 0.4), (3.0, 0.25, 0.5, 0.5), (3.2, 0.3, 0.6, 0.6),
        (3.6, 0.4, 0.8, 0.8), (4.1, 0.7, 1.2, 1.2), (4.7, 0.8, 1.8, 1.8), (5.3, 0.8, 2.0, 2.0), (6.0, 1.2, 2.5, 3.0),
        (8.0, 2.5, 3.5, 6.0), (10.0, null, 4.0, 10.0), (12.0, null, null, 14.0), (15.0, null, null, 19.0),
        (20.0, null, null, 25.0), (24.0, null, null, 36.0),
    ];

    /// <summary>Common practice: greatest size, strip depth, thread, drive.</summary>
    internal static readonly (double Most, double Depth, double Thread, string Drive)[] Blocks =
    [
        (1.5, 7, 2.5, "II"), (2.5, 8, 3, "II"), (4, 9, 3, "II"), (6, 10, 3.5, "II"), (10, 11, 4, "II"), (16, 12, 5, "II"),
        (35, 18, 6, "III"), (50, 24, 8, "III"), (95, 28, 10, "III"), (120, 32, 10, "III"),
    ];

    /// <summary>Common practice: by gauge, which tool reaches up to it.</summary>
    internal static readonly (double MostMm2, string Tool)[] Strippers =
    [
        (0.6, "precision stripper"), (5.5, "wire stripper"), (16, "large-hole stripper"),
        (48, "knife, scored round and never down to the metal"), (130, "rotary stripper with the die for the size and its depth stop set"),
    ];
}
