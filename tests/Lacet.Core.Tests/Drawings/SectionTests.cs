using Lacet.Core.Drawings;

namespace Lacet.Core.Tests.Drawings;

/// <summary>The section's geometry, in millimetres.</summary>
public sealed class SectionTests
{
    private static Scene Draw(Conductor wire, Landing landing, double? measured = null) =>
        EndSection.Of(wire, landing, HouseRules.Default, new AsMade(measured is { } mm ? new Length(mm) : null, null));

    private static SceneBox Box(Scene scene, string id) => scene.Parts.Single(p => p.Id == id).Box;

    [Fact]
    public void The_stripped_end_is_drawn_to_scale()
    {
        var scene = Draw(Ends.Wire("14", od: 2.8), Ends.Screw());
        Assert.Equal(18.12, Box(scene, "stripped-bare").Right, 0.01);
        Assert.Equal(0, Box(scene, "stripped-bare").Left, 1e-9);
        Assert.Equal(1.628, Box(scene, "stripped-bare").Height, 0.001);
        Assert.Equal(2.8, Box(scene, "stripped-insulation").Height, 1e-9);
        Assert.Equal(0, Box(scene, "stripped-insulation").Right, 1e-9);
    }

    [Fact]
    public void The_window_is_shaded_where_the_tip_may_lie()
    {
        var window = Box(Draw(Ends.Wire("14", od: 2.8), Ends.Screw()), "strip-window");
        Assert.Equal(16.53, window.Left, 0.01);
        Assert.Equal(20.59, window.Right, 0.01);
    }

    [Fact]
    public void The_hook_goes_round_the_screw_under_its_head()
    {
        var scene = Draw(Ends.Wire("14", od: 2.8), Ends.Screw());
        var (hook, head) = (Box(scene, "landed-hook"), Box(scene, "landed-head"));
        Assert.Equal(8.2, head.Width, 1e-9);
        // Outside of the hook: twice the radius and the wire.
        Assert.Equal((2 * 3.049) + 1.628, hook.Height, 0.01);
        Assert.Equal(3.754, (head.Left + head.Right) / 2, 0.01);
    }

    [Fact]
    public void Another_wire_is_drawn_otherwise()
    {
        var (thin, thick) = (Draw(Ends.Wire("14"), Ends.Screw()), Draw(Ends.Wire("12"), Ends.Screw()));
        Assert.Equal(2.053 - 1.628, Box(thick, "stripped-bare").Height - Box(thin, "stripped-bare").Height, 0.001);
        Assert.True(Box(thick, "stripped-bare").Width > Box(thin, "stripped-bare").Width + 1);
    }

    [Fact]
    public void A_short_strip_shows_insulation_under_the_head()
    {
        var scene = Draw(Ends.Wire("14"), Ends.Screw(), measured: 15);
        Assert.Contains(scene.Parts, p => p.Kind == PartKind.InsulationCaught);
        Assert.Equal(15, Box(scene, "stripped-bare").Width, 1e-9);
        Assert.Equal("measured", scene.Dimensions[0].Id);
    }

    [Fact]
    public void A_long_strip_shows_bare_metal_past_the_head() =>
        Assert.Contains(Draw(Ends.Wire("14"), Ends.Screw(), measured: 24).Parts, p => p.Kind == PartKind.BareShowing);

    [Fact]
    public void A_strip_that_passes_shows_no_fault() =>
        Assert.DoesNotContain(Draw(Ends.Wire("14"), Ends.Screw(), measured: 19).Parts, p =>
            p.Kind is PartKind.BareShowing or PartKind.InsulationCaught
        );

    [Fact]
    public void A_ferrule_s_pin_lies_in_the_block_and_its_collar_outside()
    {
        var scene = Draw(Ends.Wire("2.5 mm²", Build.FineStranded), Ends.Block());
        var (pin, collar, body) = (Box(scene, "landed-pin"), Box(scene, "landed-collar"), Box(scene, "landed-body"));
        Assert.Equal(8, pin.Width, 1e-9);
        Assert.Equal(body.Left, pin.Left, 1e-9);
        Assert.Equal(body.Left, collar.Right, 1e-9);
        Assert.Equal(9, Box(scene, "landed-opening").Width, 1e-9);
    }

    [Fact]
    public void A_bare_end_reaches_the_block_s_stop()
    {
        var scene = Draw(Ends.Wire("2.5 mm²"), Ends.Block());
        Assert.Equal(Box(scene, "landed-opening").Right, Box(scene, "landed-bare").Right, 1e-9);
        Assert.Equal(0, Box(scene, "landed-body").Left, 1e-9);
    }

    [Fact]
    public void A_long_bare_end_shows_in_front_of_the_block()
    {
        var scene = Draw(Ends.Wire("2.5 mm²"), Ends.Block(), measured: 12);
        Assert.Equal(3, Box(scene, "landed-body").Left, 1e-9);
        Assert.Equal(3, Box(scene, "bare-showing").Width, 1e-9);
    }

    [Fact]
    public void A_short_bare_end_leaves_the_clamp_empty() =>
        Assert.Equal(3, Box(Draw(Ends.Wire("2.5 mm²"), Ends.Block(), measured: 6), "metal-missing").Width, 1e-9);

    [Fact]
    public void A_wire_that_does_not_fit_is_drawn_outside_its_landing()
    {
        var scene = Draw(Ends.Wire("16 mm²", Build.Stranded), Ends.Block());
        Assert.True(Box(scene, "refused-bare").Right < Box(scene, "landed-body").Left);
        Assert.True(Box(scene, "refused-bare").Height > Box(scene, "landed-opening").Height);
    }

    [Fact]
    public void The_clamp_s_screw_stands_on_the_wire()
    {
        var scene = Draw(Ends.Wire("2.5 mm²"), Ends.Block());
        Assert.Equal(Box(scene, "landed-bare").Top, Box(scene, "landed-thread").Bottom, 1e-9);
    }

    [Theory]
    [InlineData(Build.Solid, 1)]
    [InlineData(Build.Stranded, 7)]
    [InlineData(Build.FineStranded, 37)]
    public void A_cross_section_shows_its_strands_within_its_true_diameter(Build build, int strands)
    {
        var wire = Ends.Wire("14", build);
        var scene = CrossSection.Of(wire);
        var metal = scene.Parts.Where(p => p.Kind == PartKind.Conductor).ToList();
        Assert.Equal(strands, metal.Count);
        Assert.Equal(wire.Diameter.Millimetres, metal.Select(p => p.Box).Aggregate((a, b) => a.With(b)).Width, 0.001);
        Assert.Equal(wire.InsulationOuterDiameter.Millimetres, scene.Box.Width, 1e-9);
    }

    [Fact]
    public void Every_size_is_drawn_in_true_proportion()
    {
        var widths = ConductorSize
            .Stocked.Where(s => s.System == SizeSystem.Metric)
            .Select(s => CrossSection.Of(Conductor.Of(s, Build.Stranded, Material.Copper)).Box.Width)
            .ToList();
        Assert.Equal(widths.Order(), widths);
    }

    [Fact]
    public void A_landing_alone_has_its_own_size()
    {
        Assert.Equal(9.5, LandingSketch.Of(Ends.Screw("#10")).Parts.Single(p => p.Id == "landed-head").Box.Width, 1e-9);
        Assert.Equal(9, LandingSketch.Of(Ends.Block()).Parts.Single(p => p.Id == "landed-opening").Box.Width, 1e-9);
    }

    [Fact]
    public void An_arc_s_box_is_found_by_walking_along_it() =>
        Gen.Select(Gen.Double[0.5, 9], Gen.Double[-180, 180], Gen.Double[5, 355])
            .Sample(
                (radius, from, through) =>
                {
                    var box = new ScenePath().Arc(1, 2, radius, from, through).Box;
                    var points = Enumerable
                        .Range(0, 2001)
                        .Select(i => (from + (through * i / 2000)) * Math.PI / 180)
                        .Select(a => (X: 1 + (radius * Math.Cos(a)), Y: 2 + (radius * Math.Sin(a))))
                        .ToList();
                    Assert.Equal(points.Min(p => p.X), box.Left, radius * 1e-5);
                    Assert.Equal(points.Max(p => p.X), box.Right, radius * 1e-5);
                    Assert.Equal(points.Min(p => p.Y), box.Top, radius * 1e-5);
                    Assert.Equal(points.Max(p => p.Y), box.Bottom, radius * 1e-5);
                }
            );
}
