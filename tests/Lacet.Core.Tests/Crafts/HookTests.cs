using Lacet.Core.Hooks;

namespace Lacet.Core.Tests.Crafts;

/// <summary>The hook under a binding screw.</summary>
public sealed class HookTests
{
    private static readonly Gen<HookGeometry> Hooks =
        from size in Pick([.. ConductorSize.Stocked.Where(s => s.PairedArea is >= 0.5 and <= 6)])
        from build in Gen.Enum<Build>()
        from screw in Pick([.. ScrewSize.All])
        select new HookGeometry(Conductor.Of(size, build, Material.Copper), screw);

    /// <summary>The trade teaches 3/4 in for a hook of 14 AWG under a receptacle's screw (common practice).</summary>
    [Fact]
    public void The_three_quarter_inch_that_people_teach_lies_in_the_window()
    {
        var hook = new HookGeometry(Ends.Wire("14"), ScrewSize.Parse("#8"));
        Assert.Equal(Judgement.Pass, hook.Strip.Judge(Length.FromInches(0.75)));
    }

    /// <summary>And 1 in for a closed eye (common practice).</summary>
    [Fact]
    public void The_inch_that_people_teach_for_an_eye_is_within_a_millimetre()
    {
        var hook = new HookGeometry(Ends.Wire("14"), ScrewSize.Parse("#8"));
        Assert.Equal(25.4, hook.EyeStrip.Target.Millimetres, 1.0);
        Assert.Equal(3.0 / 16, HookGeometry.EyeLead.Millimetres / 25.4, 1e-9);
    }

    /// <summary>Worked by hand for 14 AWG (1.628 mm, 2.8 mm over all) and #8 (4.17 and 8.2 mm).</summary>
    [Fact]
    public void A_worked_example()
    {
        var hook = new HookGeometry(Ends.Wire("14", od: 2.8), ScrewSize.Parse("#8"));
        Assert.Equal(3.049, hook.Radius, 0.001);
        Assert.Equal(2.741, hook.EdgeOnAxis, 0.001);
        Assert.Equal(3.754, hook.LeadTarget, 0.001);
        Assert.Equal(297.8, hook.AngleMost, 0.1);
        Assert.Equal(18.12, hook.Strip.Target.Millimetres, 0.01);
        Assert.Equal(16.53, hook.Strip.Least.Millimetres, 0.01);
        Assert.Equal(20.59, hook.Strip.Most.Millimetres, 0.01);
    }

    [Fact]
    public void An_arc_is_as_long_as_its_chords_added_up() =>
        Hooks.Sample(hook =>
        {
            // By another route: a polygon of a thousand sides round the screw.
            const int Sides = 1000;
            var turn = 270.0 / Sides * Math.PI / 180;
            var chords = Sides * 2 * hook.Radius * Math.Sin(turn / 2);
            Assert.Equal(chords, hook.ArcLength(270), hook.Radius * 1e-5);
        });

    [Fact]
    public void The_tip_never_reaches_into_the_lead() =>
        Hooks.Sample(hook =>
        {
            // At the greatest angle the tip's inner side is still a wire's diameter off the lead's axis, or the cap of
            // 300° holds.
            var tipBelowTop = hook.Radius - (hook.Radius * Math.Cos((360 - hook.AngleMost) * Math.PI / 180));
            Assert.True(tipBelowTop >= hook.WireDiameter - 1e-9 || hook.AngleMost == 300);
            Assert.InRange(hook.AngleMost, 240, 300);
        });

    [Fact]
    public void Insulation_is_never_under_the_head_and_metal_shows_at_most_2_mm_where_it_can() =>
        Hooks.Sample(hook =>
        {
            Assert.True(hook.LeadLeast >= hook.EdgeOnAxis);
            Assert.True(hook.LeadTarget >= hook.LeadLeast);
            if (hook.InsulationClears)
            {
                Assert.True(hook.LeadMost - hook.EdgeOnAxis <= 2 + 1e-9);
            }
        });

    [Fact]
    public void A_larger_screw_or_a_thicker_wire_takes_more_strip()
    {
        var byScrew = ScrewSize.All.Select(s => new HookGeometry(Ends.Wire("14"), s).Strip.Target.Millimetres).ToList();
        Assert.Equal(byScrew.Order(), byScrew);
        var bySize = new[] { "18", "16", "14", "12", "10" }
            .Select(s => new HookGeometry(Ends.Wire(s), ScrewSize.Parse("#10")).Strip.Target.Millimetres)
            .ToList();
        Assert.Equal(bySize.Order(), bySize);
    }

    [Theory]
    [InlineData("8", "#8")]
    [InlineData(" #10 ", "#10")]
    [InlineData("no. 6", "#6")]
    public void A_screw_is_read_as_people_write_it(string text, string name) =>
        Assert.Equal(name, ScrewSize.Parse(text).Name);

    [Theory]
    [InlineData("#12")]
    [InlineData("M4")]
    [InlineData("")]
    public void Other_screws_are_refused(string text) =>
        Assert.Equal("landing.screw", Assert.Throws<ImpossibleInputException>(() => ScrewSize.Parse(text)).Field);
}
