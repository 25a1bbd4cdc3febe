using Lacet.Core.Circuits;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Reference;

/// <summary>
/// The tables once more, written down a second time from the sources named, so that a slip in either shows. All from
/// memory of those documents; none was at hand.
/// </summary>
internal static class Retyped
{
    /// <summary>EN 50005, 50011, 50012; IEC 60947-1 annex L; IEC 60034-8; NEMA ST 20; common practice of switches.</summary>
    internal static readonly (string What, string Between)[] Insides =
    [
        ("Contactor Contact", "1~2 3~4 5~6 7~8 L1~T1 L2~T2 L3~T3 n1~n2 n3~n4 n5~n6 n7~n8"),
        ("Contactor Load", "A1~A2"),
        ("Relay Contact", "n1~n2 n1~n4 n3~n4 n5~n6 n5~n8 n7~n8"),
        ("Relay Load", "A1~A2"),
        ("OverloadRelay Contact", "1~2 3~4 5~6 L1~T1 L2~T2 L3~T3 n5~n6 n7~n8"),
        ("ControlSwitch Contact", "1~2 3~4 n1~n2 n1~n4 n3~n4"),
        ("Isolator Contact", "1~2 3~4 5~6 7~8 L1~T1 L2~T2 L3~T3"),
        ("ThreeWaySwitch Contact", "COM~1 COM~2 COM~T1 COM~T2 COM~L1 COM~L2"),
        ("FourWaySwitch Contact", "1~3 1~4 2~3 2~4 T1~T3 T1~T4 T2~T3 T2~T4"),
        ("PowerSupply Load", "L~N L1~N L1~L2"),
        ("PowerSupply Joined", "+~+1 +1~+2 +2~+3 -~-1 -1~-2 -2~-3"),
        ("PowerSupply Supply", "+~- +1~-1"),
        ("Transformer Load", "H1~H2 H1~H4 1U~1V"),
        ("Transformer Supply", "X1~X2 X1~X4 2U~2V"),
        ("Motor Load", "U~V V~W U~W U1~V1 V1~W1 U1~W1 T1~T2 T2~T3 T1~T3 L~N LO~C HI~C LO~HI"),
        (
            "Load Load",
            "A1~A2 X1~X2 H1~H2 H1~H4 X1~X4 L~N L1~L2 L2~L3 L1~L3 U~V V~W U~W U1~V1 V1~W1 U1~W1 T1~T2 T2~T3 T1~T3"
        ),
        ("Load Supply", "+~-"),
    ];

    /// <summary>
    /// NEC chapter 9 table 8 (strands), ASTM B174 (fine strands), NEC chapter 9 table 5 in mm (insulation).
    /// </summary>
    internal static readonly (string Size, int Strands, int Fine, double Od)[] Gauges =
    [
        ("28 AWG", 7, 19, 1.2),
        ("26 AWG", 7, 19, 1.3),
        ("24 AWG", 7, 19, 1.4),
        ("22 AWG", 7, 19, 1.6),
        ("20 AWG", 7, 26, 1.8),
        ("18 AWG", 7, 16, 2.13),
        ("16 AWG", 7, 26, 2.44),
        ("14 AWG", 7, 41, 2.82),
        ("12 AWG", 7, 65, 3.3),
        ("10 AWG", 7, 104, 4.17),
        ("8 AWG", 7, 168, 5.49),
        ("6 AWG", 7, 266, 6.45),
        ("4 AWG", 7, 420, 8.23),
        ("3 AWG", 7, 532, 8.94),
        ("2 AWG", 7, 665, 9.75),
        ("1 AWG", 19, 836, 11.33),
        ("1/0 AWG", 19, 1064, 12.34),
        ("2/0 AWG", 19, 1323, 13.51),
        ("3/0 AWG", 19, 1666, 14.83),
        ("4/0 AWG", 19, 2107, 16.31),
        ("250 kcmil", 37, 2499, 18.06),
    ];

    /// <summary>
    /// IEC 60228: least strands of class 2, greatest Ω/km of class 1 and 2 and of class 5; EN 50525-2-31 diameters.
    /// </summary>
    internal static readonly (double Mm2, int Strands, int Fine, double Od, double? Ohm12, double? Ohm5)[] Metric =
    [
        (0.25, 7, 14, 1.3, null, null),
        (0.34, 7, 19, 1.5, null, null),
        (0.5, 7, 16, 2.3, 36.0, 39.0),
        (0.75, 7, 24, 2.45, 24.5, 26.0),
        (1, 7, 32, 2.6, 18.1, 19.5),
        (1.5, 7, 30, 3.1, 12.1, 13.3),
        (2.5, 7, 50, 3.75, 7.41, 7.98),
        (4, 7, 56, 4.35, 4.61, 4.95),
        (6, 7, 84, 4.85, 3.08, 3.30),
        (10, 7, 80, 6.25, 1.83, 1.91),
        (16, 7, 126, 7.4, 1.15, 1.21),
        (25, 7, 196, 9.3, 0.727, 0.780),
        (35, 7, 276, 10.7, 0.524, 0.554),
        (50, 19, 396, 12.7, 0.387, 0.386),
        (70, 19, 360, 14.6, 0.268, 0.272),
        (95, 19, 475, 16.65, 0.193, 0.206),
        (120, 37, 608, 18.45, 0.153, 0.161),
    ];

    /// <summary>NEC 310.15(C)(1): up to so many loaded conductors, percent.</summary>
    internal static readonly (int Most, double Percent)[] BundleFactors =
    [
        (3, 100),
        (6, 80),
        (9, 70),
        (20, 50),
        (30, 45),
        (40, 40),
        (9999, 35),
    ];

    /// <summary>NEC 210.21(B)(3): a circuit's rating, and those of its receptacles.</summary>
    internal static readonly (double Circuit, string Receptacles)[] Receptacles =
    [
        (15, "15"),
        (20, "15 20"),
        (30, "30"),
        (40, "40 50"),
        (50, "50"),
    ];

    /// <summary>Common practice: minutes at a device.</summary>
    internal static readonly (string Work, double Minutes)[] SurveyTimes =
    [
        ("dead", 4),
        ("re-terminate", 8),
        ("replace", 6),
        ("pigtail", 5),
        ("earth", 20),
    ];

    /// <summary>Common practice: widths of terminal blocks on a rail, mm, by the largest conductor in mm².</summary>
    internal static readonly (double Most, double Width)[] SlotWidths =
    [
        (1.5, 4.2),
        (2.5, 5.2),
        (4, 6.2),
        (6, 8.2),
        (10, 10.2),
        (16, 12.2),
        (35, 16.2),
        (50, 20),
        (95, 25),
        (120, 27),
    ];

    /// <summary>NEC 210.21(B)(2): a receptacle, and the largest load plugged into it.</summary>
    /// <summary>NEC 400.5(A)(1), from memory: three loaded conductors, two.</summary>
    internal static readonly (string Size, double Three, double Two)[] CordAmpacities =
    [
        ("18 AWG", 7, 10),
        ("16 AWG", 10, 13),
        ("14 AWG", 15, 18),
        ("12 AWG", 20, 25),
        ("10 AWG", 25, 30),
        ("8 AWG", 35, 40),
    ];

    /// <summary>HD 516, from memory: three loaded conductors, two.</summary>
    internal static readonly (string Size, double Three, double Two)[] MetricCords =
    [
        ("0.5 mm²", 3, 3),
        ("0.75 mm²", 6, 6),
        ("1 mm²", 10, 10),
        ("1.5 mm²", 16, 16),
        ("2.5 mm²", 20, 25),
        ("4 mm²", 25, 32),
    ];

    /// <summary>Common practice, from memory: feet, metres.</summary>
    internal static readonly (Region Region, double[] Lengths)[] CordLengths =
    [
        (Region.NorthAmerica, [3, 6, 8, 10, 15, 25, 50, 100]),
        (Region.Iec, [1, 1.5, 2, 3, 5, 10, 15, 20, 25, 50]),
    ];

    /// <summary>IEC 60320-1, and what is usual in North America; from memory.</summary>
    internal static readonly (Region Region, double Most, string Name)[] CordConnectors =
    [
        (Region.NorthAmerica, 15, "C13"),
        (Region.NorthAmerica, 20, "C19"),
        (Region.Iec, 2.5, "C5"),
        (Region.Iec, 10, "C13"),
        (Region.Iec, 16, "C19"),
    ];

    /// <summary>NEC table 400.4 and EN 50525, from memory.</summary>
    internal static readonly (Region Region, CordDuty Duty, bool Outdoors, string Name, string Most)[] CordJackets =
    [
        (Region.NorthAmerica, CordDuty.Light, false, "SPT-2 or SVT", "16 AWG"),
        (Region.NorthAmerica, CordDuty.Ordinary, false, "SJT or SJO", "10 AWG"),
        (Region.NorthAmerica, CordDuty.Ordinary, true, "SJTW or SJOOW", "10 AWG"),
        (Region.NorthAmerica, CordDuty.Heavy, false, "ST or SO", "2 AWG"),
        (Region.NorthAmerica, CordDuty.Heavy, true, "STW or SOOW", "2 AWG"),
        (Region.Iec, CordDuty.Light, false, "H03VV-F", "0.75 mm²"),
        (Region.Iec, CordDuty.Ordinary, false, "H05VV-F", "4 mm²"),
        (Region.Iec, CordDuty.Ordinary, true, "H05RN-F", "1 mm²"),
        (Region.Iec, CordDuty.Heavy, false, "H07RN-F", "120 mm²"),
        (Region.Iec, CordDuty.Heavy, true, "H07RN-F", "120 mm²"),
    ];

    /// <summary>NEMA WD 6 and NEC 210.21(B)(2); CEE 7 and IEC 60309; from memory.</summary>
    internal static readonly (
        Region Region,
        string Name,
        double Volts,
        double Rating,
        double Most,
        string TwoWire
    )[] CordPlugs =
    [
        (Region.NorthAmerica, "5-15", 125, 15, 12, "1-15"),
        (Region.NorthAmerica, "5-20", 125, 20, 16, ""),
        (Region.NorthAmerica, "L5-30", 125, 30, 24, ""),
        (Region.NorthAmerica, "6-15", 250, 15, 12, ""),
        (Region.NorthAmerica, "6-20", 250, 20, 16, ""),
        (Region.NorthAmerica, "L6-30", 250, 30, 24, ""),
        (Region.Iec, "CEE 7/7", 250, 16, 16, "CEE 7/16 to 2.5 A, else CEE 7/17"),
        (Region.Iec, "IEC 60309, blue, 32 A", 250, 32, 32, ""),
        (Region.Iec, "IEC 60309, red, 16 A", 415, 16, 16, ""),
        (Region.Iec, "IEC 60309, red, 32 A", 415, 32, 32, ""),
    ];

    internal static readonly (double Receptacle, double Most)[] PlugLoads = [(15, 12), (20, 16), (30, 24)];

    /// <summary>ASME B1.1 and B18.6.3 in inches: #6 0.138 and 0.270, #8 0.164 and 0.322, #10 0.190 and 0.373.</summary>
    internal static readonly (string Name, double Major, double Head)[] Screws =
    [
        ("#6", 0.138, 0.270),
        ("#8", 0.164, 0.322),
        ("#10", 0.190, 0.373),
    ];

    /// <summary>
    /// DIN 46228-4: size, pins, pin bore, collar bore; entry; colours by DIN, French practice, the other series.
    /// </summary>
    internal static readonly (
        double Mm2,
        string Pins,
        double? Bore,
        double? Collar,
        double? PinWall,
        double? CollarWall,
        double Entry,
        string Colours
    )[] Ferrules =
    [
        (0.08, "6", 0.5, 1.4, 0.1, 0.2, 2, "white/white/white"),
        (0.14, "6 8", 0.7, 1.6, 0.1, 0.2, 2, "grey/brown/grey"),
        (0.25, "6 8", 0.8, 2.0, 0.15, 0.25, 2, "light blue/violet/light blue"),
        (0.34, "6 8", 0.8, 2.0, 0.15, 0.25, 2, "turquoise/pink/turquoise"),
        (0.5, "6 8 10", 1.0, 2.6, 0.15, 0.25, 2, "white/white/orange"),
        (0.75, "6 8 10 12", 1.2, 2.8, 0.15, 0.25, 2, "grey/blue/white"),
        (1, "6 8 10 12", 1.4, 3.0, 0.15, 0.3, 2, "red/red/yellow"),
        (1.5, "8 10 12 18", 1.7, 3.5, 0.15, 0.3, 2, "black/black/red"),
        (2.5, "8 12 18", 2.2, 4.2, 0.15, 0.3, 2, "blue/grey/blue"),
        (4, "10 12 18", 2.8, 4.8, 0.2, 0.4, 2, "grey/orange/grey"),
        (6, "12 18", 3.5, 6.3, 0.2, 0.4, 2, "yellow/green/black"),
        (10, "12 18", 4.5, 7.6, 0.2, 0.4, 3, "red/brown/ivory"),
        (16, "12 18", 5.8, 8.8, 0.2, 0.4, 3, "blue/ivory/green"),
        (25, "16 18 22", 7.3, 11.2, 0.2, 0.4, 4, "yellow/black/brown"),
        (35, "16 18 25", 8.3, 12.7, 0.2, 0.5, 4, "red/red/beige"),
        (50, "20 25", 10.3, 15.0, 0.3, 0.5, 5, "blue/blue/olive"),
        (70, "25", null, null, null, null, 0, "//"),
        (95, "25", null, null, null, null, 0, "//"),
        (120, "25", null, null, null, null, 0, "//"),
    ];

    /// <summary>IEC 60947-1, test torques by thread, columns I, II, III.</summary>
    internal static readonly (double Thread, double? I, double? II, double? III)[] TestTorques =
    [
        (1.6, 0.05, 0.1, 0.1),
        (2.0, 0.1, 0.2, 0.2),
        (2.8, 0.2, 0.4, 0.4),
        (3.0, 0.25, 0.5, 0.5),
        (3.2, 0.3, 0.6, 0.6),
        (3.6, 0.4, 0.8, 0.8),
        (4.1, 0.7, 1.2, 1.2),
        (4.7, 0.8, 1.8, 1.8),
        (5.3, 0.8, 2.0, 2.0),
        (6.0, 1.2, 2.5, 3.0),
        (8.0, 2.5, 3.5, 6.0),
        (10.0, null, 4.0, 10.0),
        (12.0, null, null, 14.0),
        (15.0, null, null, 19.0),
        (20.0, null, null, 25.0),
        (24.0, null, null, 36.0),
    ];

    /// <summary>Common practice: greatest size, strip depth, thread, drive.</summary>
    internal static readonly (double Most, double Depth, double Thread, string Drive)[] Blocks =
    [
        (1.5, 7, 2.5, "II"),
        (2.5, 8, 3, "II"),
        (4, 9, 3, "II"),
        (6, 10, 3.5, "II"),
        (10, 11, 4, "II"),
        (16, 12, 5, "II"),
        (35, 18, 6, "III"),
        (50, 24, 8, "III"),
        (95, 28, 10, "III"),
        (120, 32, 10, "III"),
    ];

    /// <summary>Common practice: by gauge, which tool reaches up to it.</summary>
    internal static readonly (double MostMm2, Lacet.Core.Strip.StrippingTool Kind, string Tool)[] Strippers =
    [
        (0.6, Lacet.Core.Strip.StrippingTool.Hole, "precision stripper"),
        (5.5, Lacet.Core.Strip.StrippingTool.Hole, "wire stripper"),
        (16, Lacet.Core.Strip.StrippingTool.Hole, "large-hole stripper"),
        (48, Lacet.Core.Strip.StrippingTool.Knife, "knife"),
        (130, Lacet.Core.Strip.StrippingTool.Rotary, "rotary stripper"),
    ];

    /// <summary>
    /// DIN 46234 for M4 to M10 (4.3, 5.3, 6.5, 8.4, 10.5); what a #6, #8 or #10 goes through is common practice.
    /// </summary>
    internal static readonly (string Name, double Thread, double Hole)[] RingHoles =
    [
        ("#4 / M3", 3, 3.2),
        ("#6 / M3.5", 3.51, 3.7),
        ("#8 / M4", 4.17, 4.3),
        ("#10 / M5", 5, 5.3),
        ("1/4 in / M6", 6.35, 6.5),
        ("5/16 in / M8", 8, 8.4),
        ("3/8 in / M10", 10, 10.5),
        ("1/2 in / M12", 12.7, 13),
        ("M16", 16, 17),
    ];

    /// <summary>Common practice: what a lug with that socket usually takes.</summary>
    internal static readonly (string Socket, double Inches, double Least, double Most, string Sizes)[] LugSockets =
    [
        ("not known", 0, 2, 35, "14 to 2 AWG"),
        ("1/8 in", 1 / 8.0, 2, 8.4, "14 to 8 AWG"),
        ("5/32 in", 5 / 32.0, 2, 13.4, "14 to 6 AWG"),
        ("3/16 in", 3 / 16.0, 2, 33.7, "14 to 2 AWG"),
        ("7/32 in", 7 / 32.0, 2, 53.5, "14 to 1/0 AWG"),
        ("1/4 in", 1 / 4.0, 8.3, 67.5, "8 to 2/0 AWG"),
        ("5/16 in", 5 / 16.0, 13.3, 126.7, "6 AWG to 250 kcmil"),
        ("3/8 in", 3 / 8.0, 42.4, 177.4, "1 AWG to 350 kcmil"),
        ("1/2 in", 1 / 2.0, 67.4, 253.4, "2/0 AWG to 500 kcmil"),
    ];

    /// <summary>NEC table 314.16(A), in³.</summary>
    internal static readonly (string Name, double CubicInches)[] Boxes =
    [
        ("device, 3 × 2 in, 1 1/2 in deep", 7.5),
        ("device, 3 × 2 in, 2 in deep", 10),
        ("device, 3 × 2 in, 2 1/2 in deep", 12.5),
        ("device, 3 × 2 in, 2 3/4 in deep", 14),
        ("4 in round, 1 1/2 in deep", 15.5),
        ("device, 3 × 2 in, 3 1/2 in deep", 18),
        ("4 in square, 1 1/2 in deep", 21),
        ("4 in round, 2 1/8 in deep", 21.5),
        ("4 11/16 in square, 1 1/2 in deep", 29.5),
        ("4 in square, 2 1/8 in deep", 30.3),
        ("4 11/16 in square, 2 1/8 in deep", 42),
    ];

    /// <summary>Common practice: what a landing of a kind usually has.</summary>
    internal static readonly (
        string Kind,
        double Least,
        double Most,
        double StripLeast,
        double Strip,
        double StripMost,
        FerruleAcceptance,
        string
    )[] TypicalLandings =
    [
        ("back-wire-clamp", 2, 6, 15, 16, 17, FerruleAcceptance.Forbidden, "Solid Stranded"),
        ("back-stab", 2, 2.1, 15, 16, 17, FerruleAcceptance.Forbidden, "Solid"),
        ("lever", 0.2, 4, 10, 11, 12, FerruleAcceptance.Unnecessary, "Solid Stranded FineStranded"),
        ("screw-clamp-block", 0.5, 4, 8, 9, 10, FerruleAcceptance.Allowed, "Solid Stranded FineStranded"),
        ("spring-cage-block", 0.2, 4, 10, 12, 13, FerruleAcceptance.Unnecessary, "Solid Stranded FineStranded"),
        ("push-in-block", 0.25, 4, 9, 10, 11, FerruleAcceptance.Allowed, "Solid Stranded FineStranded"),
        ("deep-push-in", 0.5, 6, 13, 16, 19, FerruleAcceptance.Forbidden, "Solid Stranded FineStranded"),
    ];

    /// <summary>NEC table 314.16(B)(1), in³.</summary>
    internal static readonly (string Size, double CubicInches)[] BoxConductors =
    [
        ("18 AWG", 1.5),
        ("16 AWG", 1.75),
        ("14 AWG", 2),
        ("12 AWG", 2.25),
        ("10 AWG", 2.5),
        ("8 AWG", 3),
        ("6 AWG", 5),
    ];

    /// <summary>NEC table 250.122.</summary>
    internal static readonly (double Amps, string Copper, string Aluminium)[] Earths =
    [
        (15, "14 AWG", "12 AWG"),
        (20, "12 AWG", "10 AWG"),
        (60, "10 AWG", "8 AWG"),
        (100, "8 AWG", "6 AWG"),
        (200, "6 AWG", "4 AWG"),
        (300, "4 AWG", "2 AWG"),
        (400, "3 AWG", "1 AWG"),
        (500, "2 AWG", "1/0 AWG"),
        (600, "1 AWG", "2/0 AWG"),
        (800, "1/0 AWG", "3/0 AWG"),
        (1000, "2/0 AWG", "4/0 AWG"),
        (1200, "3/0 AWG", "250 kcmil"),
    ];

    /// <summary>Common practice: strip and trim, mm; 5/8 in where a twist is trimmed; counts; areas, mm².</summary>
    internal static readonly (ConnectorKind, double, double, double, int, int, double, double)[] Connectors =
    [
        (ConnectorKind.Lever, 11, 1, 0, 2, 5, 0.2, 4),
        (ConnectorKind.TwistOn, 0, 0, 5 / 8.0 * 25.4, 2, 6, 1.6, 13.5),
        (ConnectorKind.PushIn, 12, 1, 0, 2, 8, 0.5, 2.5),
        (ConnectorKind.CrimpSleeveTube, 13, 1, 10, 2, 8, 1.3, 21),
        (ConnectorKind.SealedTwistOn, 0, 0, 5 / 8.0 * 25.4, 2, 5, 1.6, 13.5),
        (ConnectorKind.Solder, 0, 0, 5 / 8.0 * 25.4, 2, 6, 0.2, 16),
        (ConnectorKind.None, 0, 0, 5 / 8.0 * 25.4, 2, 6, 0.2, 16),
    ];

    /// <summary>IPC/WHMA-A-620: up to so many strands, class 1 and 2, class 3; the last row in percent.</summary>
    internal static readonly (int Strands, int Class12, int Class3)[] StrandLosses =
    [
        (6, 0, 0),
        (15, 1, 0),
        (25, 3, 0),
        (40, 4, 3),
        (60, 5, 4),
        (120, 6, 5),
        (9999, 6, 5),
    ];

    /// <summary>
    /// NEC informative annex I, lbf·in; bounds in mm² of 10, 8, 4, 3, 2, 1 AWG, 2/0, 4/0, 350, 400, 500 kcmil.
    /// </summary>
    internal static readonly (string, double, double?, double?, double?, double?)[] ConductorTorques =
    [
        ("18 to 10 AWG", 5.3, 20, 35, 80, 75),
        ("8 AWG", 8.4, 25, 40, 80, 75),
        ("6 to 4 AWG", 21.2, 35, 45, 165, 110),
        ("3 AWG", 26.7, 35, 50, 275, 150),
        ("2 AWG", 33.7, 40, 50, 275, 150),
        ("1 AWG", 42.5, null, 50, 275, 150),
        ("1/0 to 2/0 AWG", 67.5, null, 50, 385, 180),
        ("3/0 to 4/0 AWG", 107.3, null, 50, 500, 250),
        ("250 to 350 kcmil", 177.4, null, 50, 650, 325),
        ("400 kcmil", 202.7, null, 50, 825, 325),
        ("500 kcmil", 253.4, null, 50, 825, 375),
    ];

    /// <summary>NEC informative annex I, slotted screws under #10, lbf·in; each row to the next slot length.</summary>
    internal static readonly (string, double, double?, double?)[] SmallSlots =
    [
        ("under 5/32 in", 0.15624, 7, 9),
        ("5/32 in", 0.1875, 7, 12),
        ("3/16 in", 0.21875, 7, 12),
        ("7/32 in", 0.25, 7, 12),
        ("1/4 in", 0.28125, 9, 12),
        ("9/32 in", 0.28126, null, 15),
        ("over 9/32 in", 1, null, 20),
    ];

    /// <summary>NEC informative annex I, sockets, lbf·in.</summary>
    internal static readonly (string, double, double)[] Sockets =
    [
        ("1/8 in", 1 / 8.0, 45),
        ("5/32 in", 5 / 32.0, 100),
        ("3/16 in", 3 / 16.0, 120),
        ("7/32 in", 7 / 32.0, 150),
        ("1/4 in", 1 / 4.0, 200),
        ("5/16 in", 5 / 16.0, 275),
        ("3/8 in", 3 / 8.0, 375),
        ("1/2 in", 1 / 2.0, 500),
        ("9/16 in", 9 / 16.0, 600),
    ];

    /// <summary>UL 486A-486B, bolts of lugs, lbf·ft; #8 is 0.164 in and #10 0.190 in (ASME B1.1).</summary>
    internal static readonly (string, double, double)[] Bolts =
    [
        ("#8", 0.164, 1.5),
        ("#10", 0.190, 2.0),
        ("1/4 in", 1 / 4.0, 6),
        ("5/16 in", 5 / 16.0, 11),
        ("3/8 in", 3 / 8.0, 19),
        ("7/16 in", 7 / 16.0, 30),
        ("1/2 in", 1 / 2.0, 40),
        ("9/16 in", 9 / 16.0, 55),
    ];

    /// <summary>Common practice: 13 mm at 6 AWG to 30 mm at 250 kcmil; the rest generic.</summary>
    internal static readonly (double, double, double, double, int, int, double)[] Lugs =
    [
        (5.3, 11, 0.125, 9, 1, 1, 0.19),
        (8.4, 12, 0.125, 11, 1, 1, 0.25),
        (16, 13, 5 / 32.0, 13, 1, 2, 0.25),
        (26.7, 15, 3 / 16.0, 14, 1, 2, 0.25),
        (42.5, 18, 3 / 16.0, 16, 1, 2, 5 / 16.0),
        (53.5, 20, 7 / 32.0, 18, 1, 3, 5 / 16.0),
        (70, 22, 0.25, 20, 2, 3, 0.375),
        (107.3, 26, 5 / 16.0, 22, 2, 4, 0.375),
        (130, 30, 5 / 16.0, 25, 2, 4, 0.5),
    ];

    /// <summary>Common practice: red 22 to 16 AWG, blue 16 to 14, yellow 12 to 10.</summary>
    internal static readonly (string, string, double, double, double, double)[] Rings =
    [
        ("red", "22–16 AWG · 0.25–1.5 mm²", 0.25, 1.5, 6, 4),
        ("blue", "16–14 AWG · 1.5–2.5 mm²", 1.5, 2.5, 6, 4.5),
        ("yellow", "12–10 AWG · 4–6 mm²", 2.6, 6, 8, 6),
    ];

    /// <summary>Common practice: twins from 2 × 0.5 to 2 × 16 mm².</summary>
    internal static readonly (double, string, double)[] Twins =
    [
        (0.5, "8", 3),
        (0.75, "8 10", 3),
        (1, "8 10", 3),
        (1.5, "8 12", 3),
        (2.5, "10 13", 3),
        (4, "12", 3),
        (6, "14", 3),
        (10, "14", 4),
        (16, "14", 4),
    ];

    /// <summary>
    /// NEC 310.16 (copper and aluminium at 60, 75, 90 °C) and 240.4(D); 18 and 16 AWG NFPA 79, in the 90 °C column
    /// 310.16.
    /// </summary>
    internal static readonly (
        string,
        double?,
        double?,
        double?,
        double?,
        double?,
        double?,
        double?,
        double?
    )[] Ampacities =
    [
        ("18 AWG", 7, 7, 14, null, null, null, 7, null),
        ("16 AWG", 10, 10, 18, null, null, null, 10, null),
        ("14 AWG", 15, 20, 25, null, null, null, 15, null),
        ("12 AWG", 20, 25, 30, 15, 20, 25, 20, 15),
        ("10 AWG", 30, 35, 40, 25, 30, 35, 30, 25),
        ("8 AWG", 40, 50, 55, 35, 40, 45, null, null),
        ("6 AWG", 55, 65, 75, 40, 50, 55, null, null),
        ("4 AWG", 70, 85, 95, 55, 65, 75, null, null),
        ("3 AWG", 85, 100, 115, 65, 75, 85, null, null),
        ("2 AWG", 95, 115, 130, 75, 90, 100, null, null),
        ("1 AWG", 110, 130, 145, 85, 100, 115, null, null),
        ("1/0 AWG", 125, 150, 170, 100, 120, 135, null, null),
        ("2/0 AWG", 145, 175, 195, 115, 135, 150, null, null),
        ("3/0 AWG", 165, 200, 225, 130, 155, 175, null, null),
        ("4/0 AWG", 195, 230, 260, 150, 180, 205, null, null),
        ("250 kcmil", 215, 255, 290, 170, 205, 230, null, null),
    ];

    /// <summary>IEC 60204-1, PVC, copper, method B1, 40 °C.</summary>
    internal static readonly (double, double)[] MachineWiring =
    [
        (0.75, 8.6),
        (1, 10.3),
        (1.5, 13.5),
        (2.5, 18.3),
        (4, 24),
        (6, 31),
        (10, 44),
        (16, 59),
        (25, 77),
        (35, 96),
        (50, 117),
        (70, 149),
        (95, 180),
        (120, 208),
    ];

    internal static readonly (string, double, Landings.StandsVibration)[] LandingTraits =
    [
        ("binding-screw", 2, Landings.StandsVibration.Locks),
        ("back-wire-clamp", 1.5, Landings.StandsVibration.Locks),
        ("back-stab", 0.5, Landings.StandsVibration.Loosens),
        ("screw-clamp-block", 1, Landings.StandsVibration.Locks),
        ("spring-cage-block", 1, Landings.StandsVibration.Holds),
        ("push-in-block", 0.5, Landings.StandsVibration.Holds),
        ("deep-push-in", 0.7, Landings.StandsVibration.Holds),
        ("lever", 0.5, Landings.StandsVibration.Holds),
        ("insulation-displacement", 0.3, Landings.StandsVibration.Holds),
        ("stud", 2.5, Landings.StandsVibration.Locks),
        ("set-screw-lug", 3, Landings.StandsVibration.Locks),
        ("crimped-lug", 5, Landings.StandsVibration.Locks),
        ("plug-screw", 4, Landings.StandsVibration.Locks),
        ("solder-lug", 4, Landings.StandsVibration.Loosens),
    ];
}
