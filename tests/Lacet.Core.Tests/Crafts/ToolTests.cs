using Lacet.Core.Checks.End;
using Lacet.Core.Cords;
using Lacet.Core.Ferrules;
using Lacet.Core.Pull;
using Lacet.Core.Recipes;
using Lacet.Core.Torques;

namespace Lacet.Core.Tests.Crafts;

/// <summary>Tools and what surrounds an end: adapters, calibration, hands, jackets, belts.</summary>
public sealed class ToolTests
{
    /// <summary>
    /// Set = target × L/(L + E) outward, L/(L − E) back, none at 90° (geometry; every torque wrench's handbook).
    /// </summary>
    [Theory]
    [InlineData(0, 0.8)]
    [InlineData(90, 1)]
    [InlineData(-90, 1)]
    [InlineData(180, 4.0 / 3)]
    [InlineData(60, 200 / 225.0)]
    public void An_adapter_changes_what_a_wrench_shows(double angle, double factor) =>
        Assert.Equal(factor * 10, new WrenchAdapter(200, 50, angle).SettingFor(new(10)).NewtonMetres, 1e-9);

    /// <summary>
    /// The hand pulls once: force × lever is what the wrench reads, force × whole arm what the screw gets.
    /// </summary>
    [Fact]
    public void The_hand_s_force_is_the_same_at_wrench_and_screw() =>
        Gen.Select(Gen.Double[50, 600], Gen.Double[0, 30], Gen.Double[-180, 180], Gen.Double[1, 100])
            .Sample(
                (lever, adapter, angle, target) =>
                {
                    var force = new WrenchAdapter(lever, adapter, angle).SettingFor(new(target)).NewtonMetres / lever;
                    Assert.Equal(target, force * (lever + (adapter * Math.Cos(angle * Math.PI / 180))), 1e-6);
                }
            );

    [Theory]
    [InlineData(10, 50, 0, "leverMm")]
    [InlineData(200, -1, 0, "adapterMm")]
    [InlineData(200, 180, 180, "adapterMm")]
    [InlineData(200, 50, 200, "angleDegrees")]
    public void An_adapter_that_cannot_be_is_refused(double lever, double adapter, double angle, string field) =>
        Assert.Equal(
            field,
            Assert.Throws<ImpossibleInputException>(() => new WrenchAdapter(lever, adapter, angle)).Field
        );

    /// <summary>12 months or 5,000 cycles, whichever is first (ISO 6789-1, from memory).</summary>
    [Theory]
    [InlineData("2027-06-01", null, true)]
    [InlineData("2027-06-02", null, false)]
    [InlineData("2026-07-01", 5000, true)]
    [InlineData("2026-07-01", 5001, false)]
    public void A_calibration_ends(string today, int? cycles, bool holds) =>
        Assert.Equal(
            holds,
            ToolFitness.CalibrationProblem(
                new(2026, 6, 1),
                cycles,
                DateOnly.Parse(today, System.Globalization.CultureInfo.InvariantCulture)
            )
                is null
        );

    /// <summary>8 lbf·in by feel where 12 is asked (common practice).</summary>
    [Fact]
    public void What_feels_tight_by_hand_is_two_thirds() =>
        Assert.Equal(8, Ends.Torque(Ends.UnmarkedScrew()).ByHand.InchPounds, 1e-9);

    [Theory]
    [InlineData(8, "M16")]
    [InlineData(12, "M20")]
    [InlineData(20, "M32")]
    [InlineData(60, null)]
    public void A_jacket_has_its_usual_gland(double jacket, string? gland) =>
        Assert.Equal(gland, new CableEntry(jacket, 100).Gland?.Name);

    /// <summary>Reach 200 and strip 10, two reworks of 20 each, less the 1/4 in (6.35 mm) under the clamp.</summary>
    [Fact]
    public void A_jacket_comes_off_as_far_as_the_landing_and_two_reworks_ask() =>
        Assert.Equal(
            200 + 10 + 40 - 6.35,
            new CableEntry(10, 200).JacketOff(new(10), atADevice: false)!.Value.Millimetres,
            1e-9
        );

    /// <summary>6 in of free conductor at a device (NEC 300.14, from memory).</summary>
    [Fact]
    public void At_a_device_six_inches_stay_free() =>
        Assert.Equal(152.4 - 6.35, new CableEntry(10, 40).JacketOff(new(18), atADevice: true)!.Value.Millimetres, 1e-9);

    [Fact]
    public void The_jacket_comes_before_the_strip()
    {
        var end = new EndAtHand(Ends.Wire("14"), Ends.Screw(), HouseRules.Default) { Entry = new(8, 60) };
        Assert.Equal(
            ["prove-dead", "feed-gland", "strip-cable-jacket"],
            RecipeBook.For(end).Steps.Take(3).Select(s => s.Id)
        );
        Assert.Contains(
            "never the conductors",
            Ends.Read(RecipeBook.For(end).Steps[2].HoldPoint!),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData(1, 100, "entry.jacketOuterDiameterMm")]
    [InlineData(10, 0, "entry.reachMm")]
    public void An_entry_that_cannot_be_is_refused(double jacket, double reach, string field) =>
        Assert.Equal(field, Assert.Throws<ImpossibleInputException>(() => new CableEntry(jacket, reach)).Field);

    /// <summary>IEC 60947-1 on samples; by hand never more than 60 N (common practice).</summary>
    [Theory]
    [InlineData("1.5 mm²", 40, 40)]
    [InlineData("14", 50, 50)]
    [InlineData("6 mm²", 80, 60)]
    [InlineData("4/0", 427, 60)]
    public void A_tug_checks_seating_and_no_more(string size, double sample, double tug)
    {
        var parsed = ConductorSize.Parse(size);
        Assert.Equal((sample, tug), (PullTest.OfLanded(parsed)!.Value.Newtons, PullTest.Tug(parsed)!.Value.Newtons));
        Assert.Null(PullTest.Tug(ConductorSize.Parse("28")));
    }

    /// <summary>UL 486A-486B gives lbf: 50 lbf for 14 AWG are 222 N, and no step of a recipe asks for them.</summary>
    [Fact]
    public void The_figure_for_crimped_samples_is_never_asked_of_an_installed_wire()
    {
        Assert.Equal(222.4, PullTest.OfCrimp(ConductorSize.Parse("14"))!.Value.Newtons, 0.1);
        var recipe = Ends.Recipe(Ends.Wire("14", Build.Stranded), new Stud(4, null, null, null));
        Assert.Contains(recipe.Reasons, r =>
            r.Rule == "crimp-pull-out" && Ends.Read(r.Text).Contains("223 N (50 lbf)", StringComparison.Ordinal)
        );
        Assert.DoesNotContain(recipe.Steps, s => Ends.Read(s.Text).Contains("222", StringComparison.Ordinal));
        Assert.Contains(recipe.Steps, s =>
            Ends.Read(s.Text).Contains("Tug it straight back, no more than 50 N (11 lbf)", StringComparison.Ordinal)
        );
    }

    /// <summary>
    /// 36 an hour and 30 s saved is 0.30 an end, less 0.10 more for the ferrule: 600 is back after 3,000 ends.
    /// </summary>
    [Fact]
    public void A_belted_tool_pays_by_count()
    {
        Assert.Equal(3000, new BeltedTool(600, 36, 45, 15, 0.02, 0.12).PaysFrom());
        Assert.Null(new BeltedTool(600, 36, 45, 45).PaysFrom());
        Assert.Equal(
            "hourlyWage",
            Assert.Throws<ImpossibleInputException>(() => new BeltedTool(HourlyWage: -1).PaysFrom()).Field
        );
    }
}
