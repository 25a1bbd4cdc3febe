namespace Lacet.Core.Tests.Crafts;

/// <summary>Torque of lugs by NEC informative annex I and UL 486A-486B (from memory), spot by spot.</summary>
public sealed class LugTorqueTests
{
    private static SetScrewLug Lug(LugDrive drive, double? flats = null, LugSlot? slot = null) =>
        new(drive, flats, slot, 0.5, 300, null, null);

    [Theory]
    [InlineData("14", LugDrive.Hex, 75)]
    [InlineData("6", LugDrive.Hex, 110)]
    [InlineData("2", LugDrive.Hex, 150)]
    [InlineData("2/0", LugDrive.Hex, 180)]
    [InlineData("4/0", LugDrive.Hex, 250)]
    [InlineData("250 kcmil", LugDrive.Hex, 325)]
    [InlineData("4", LugDrive.SplitBolt, 165)]
    [InlineData("1/0", LugDrive.SplitBolt, 385)]
    [InlineData("250 kcmil", LugDrive.SplitBolt, 650)]
    public void A_hexagon_goes_by_the_conductor(string size, LugDrive drive, double inchPounds)
    {
        var torque = Ends.Torque(Lug(drive), size);
        Assert.Equal(inchPounds, torque.Window.Target.InchPounds, 1e-6);
        Assert.Equal(Trust.Standard, torque.Trust);
    }

    [Theory]
    [InlineData("10", 0.047, 0.25, false, 20)]
    [InlineData("8", 0.047, 0.25, false, 25)]
    [InlineData("2", 0.047, 0.25, false, 40)]
    [InlineData("10", 0.06, 0.25, false, 35)]
    [InlineData("1", 0.06, 0.3, false, 50)]
    [InlineData("14", 0.04, 0.15, true, 7)]
    [InlineData("14", 0.05, 0.15, true, 9)]
    [InlineData("14", 0.05, 0.1875, true, 12)]
    [InlineData("14", 0.04, 0.25, true, 9)]
    [InlineData("14", 0.05, 0.28125, true, 15)]
    [InlineData("14", 0.05, 0.4, true, 20)]
    public void A_slot_goes_by_its_width_and_length(
        string size,
        double width,
        double length,
        bool small,
        double inchPounds
    ) =>
        Assert.Equal(
            inchPounds,
            Ends.Torque(Lug(LugDrive.Slotted, slot: new(width, length, small)), size).Window.Target.InchPounds,
            1e-6
        );

    [Theory]
    [InlineData(0.125, 45)]
    [InlineData(0.15625, 100)]
    [InlineData(0.1875, 120)]
    [InlineData(0.25, 200)]
    [InlineData(0.3125, 275)]
    [InlineData(0.375, 375)]
    [InlineData(0.5, 500)]
    public void A_socket_goes_by_its_size_across_flats(double flats, double inchPounds) =>
        Assert.Equal(inchPounds, Ends.Torque(Lug(LugDrive.HexSocket, flats), "1/0").Window.Target.InchPounds, 1e-6);

    /// <summary>
    /// 14 AWG in a lug for 1/0 at 120 lbf·in shears: it has its own line on the label, usually 35 lbf·in (common
    /// practice, from memory).
    /// </summary>
    [Theory]
    [Trait("Advice", "1.13")]
    [InlineData("14", 35)]
    [InlineData("8", 40)]
    [InlineData("2", 120)]
    public void A_small_wire_in_a_large_lug_is_not_tightened_as_its_socket_is(string size, double inchPounds)
    {
        var lug = new SetScrewLug(LugDrive.HexSocket, 3 / 16.0, null, 2, 85, null, null);
        Assert.Equal(inchPounds, Ends.Torque(lug, size).Window.Target.InchPounds, 1e-6);
        var recipe = Ends.Recipe(Ends.Wire(size, Build.Stranded), lug);
        Assert.Equal(inchPounds < 120, recipe.Findings.Any(f => f.Check == "small-wire-in-large-lug"));
    }

    [Theory]
    [InlineData(0.164, 1.5)]
    [InlineData(0.25, 6)]
    [InlineData(0.3125, 11)]
    [InlineData(0.375, 19)]
    [InlineData(0.5, 40)]
    [InlineData(0.75, 55)]
    public void A_bolt_goes_by_its_diameter(double inches, double footPounds) =>
        Assert.Equal(footPounds, Ends.Torque(new CrimpedLug(inches, null, null)).Window.Target.InchPounds / 12, 1e-3);

    [Fact]
    public void What_nobody_measured_is_only_usual()
    {
        Assert.Equal(Trust.CommonPractice, Ends.Torque(Lug(LugDrive.HexSocket)).Trust);
        Assert.Equal(Trust.CommonPractice, Ends.Torque(Lug(LugDrive.Slotted)).Trust);
        Assert.Equal(Trust.CommonPractice, Ends.Torque(new CrimpedLug(null, null, null)).Trust);
    }

    [Fact]
    public void A_marking_beats_every_table() =>
        Assert.Equal(
            Trust.Marking,
            Ends.Torque(new SetScrewLug(LugDrive.Hex, null, null, null, null, null, Ends.Marked(90, 100))).Trust
        );

    [Fact]
    public void A_larger_conductor_is_never_tightened_less()
    {
        foreach (var drive in new[] { LugDrive.Hex, LugDrive.SplitBolt, LugDrive.Slotted })
        {
            var torques = ConductorSize
                .Stocked.OrderBy(s => s.Area.SquareMillimetres)
                .Select(s => Ends.Torque(Lug(drive), s.Name).Window.Target.NewtonMetres)
                .ToList();
            Assert.Equal(torques.Order(), torques);
        }
    }

    /// <summary>
    /// IEC 60947-1, column III (from memory): a nut on M5 is tested at 2.0 N·m, on M6 at 3.0, on M8 at 6.0.
    /// </summary>
    [Theory]
    [InlineData(5, 2.0)]
    [InlineData(6, 3.0)]
    [InlineData(8, 6.0)]
    public void A_nut_gets_at_least_its_thread_s_test_torque(double stud, double newtonMetres) =>
        Assert.Equal(newtonMetres, Ends.Torque(new Stud(stud, null, null, null)).Window.Least.NewtonMetres, 1e-9);
}
