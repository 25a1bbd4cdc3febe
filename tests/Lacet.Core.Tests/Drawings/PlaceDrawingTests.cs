using Lacet.Core.Cords;
using Lacet.Core.Drawings;
using Lacet.Core.Rework;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Drawings;

/// <summary>What a cord, a spoiled end, a box and a pigtail look like, in millimetres.</summary>
public sealed class PlaceDrawingTests
{
    private static SceneBox Box(Scene scene, string id) => scene.Parts.Single(p => p.Id == id).Box;

    private static int Count(Scene scene, string id) =>
        scene.Parts.Count(p => p.Id.StartsWith(id, StringComparison.Ordinal));

    [Theory]
    [InlineData(2)]
    [InlineData(3)]
    public void Every_cue_of_a_cord_has_its_place_inside_the_drawing(int conductors)
    {
        var drawing = CordIdentityDrawing.Of(conductors);
        var box = drawing.Scene.Box;
        Assert.Equal(conductors, drawing.Conductors.Count);
        Assert.All(drawing.Cues.Select(c => (c.X, c.Y)).Concat(drawing.Conductors.Select(c => (c.X, c.Y))), at =>
            Assert.True(at.X > box.Left && at.X < box.Right && at.Y > box.Top && at.Y < box.Bottom)
        );
        // A cord without an earth has nowhere to see one; all else can be seen on either.
        var missing = Enum.GetValues<IdentityCue>().Except(drawing.Cues.Select(c => c.Cue));
        Assert.Equal(
            conductors == 3 ? [] : [IdentityCue.EarthPin, IdentityCue.GreenScrew, IdentityCue.ConnectorEarth],
            missing
        );
    }

    [Fact]
    public void The_wide_blade_is_wider_and_each_screw_lies_on_its_own_lead()
    {
        var scene = CordIdentityDrawing.Of(3).Scene;
        Assert.True(Box(scene, "blade-wide").Height > Box(scene, "blade-narrow").Height);
        foreach (var screw in new[] { "brass", "silver", "green" })
        {
            var (head, lead) = (Box(scene, $"screw-{screw}"), Box(scene, $"lead-{screw}"));
            Assert.InRange(lead.Left, head.Left, head.Right);
        }
    }

    [Fact]
    public void Places_to_tap_are_a_finger_apart()
    {
        static double Nearest(IEnumerable<(double X, double Y)> places)
        {
            var all = places.ToList();
            return all.SelectMany((a, i) => all.Skip(i + 1).Select(b => double.Hypot(a.X - b.X, a.Y - b.Y))).Min();
        }

        // Shown at 600 px for 266 mm, and at 310 px for 246 mm on a phone; a target is 44 px (WCAG 2.2, 2.5.5).
        var identity = CordIdentityDrawing.Of(3);
        Assert.InRange(
            Nearest(identity.Cues.Select(c => (c.X, c.Y)).Concat(identity.Conductors.Select(c => (c.X, c.Y))))
                * 600
                / 266,
            44,
            double.MaxValue
        );
        Assert.InRange(Nearest(CordDrawing.Of().Spots.Select(s => (s.X, s.Y))) * 310 / 246, 40, double.MaxValue);
    }

    [Fact]
    public void A_cord_of_four_is_none() => Assert.Throws<ImpossibleInputException>(() => CordIdentityDrawing.Of(4));

    private static Scene Spoiled(double? free, params Fault[] faults)
    {
        var end = new SpoiledEnd(
            Ends.Wire("12"),
            faults.Aggregate(new AsMade(null, null), (made, fault) => made.With(fault)),
            StrandLoss.General
        )
        {
            Strip = new Length(10),
            Free = free is { } mm ? new Length(mm) : null,
        };
        return SpoiledEndDrawing.Of(end, ReworkAssessment.Of(end));
    }

    /// <summary>What a cut costs and what it leaves are the whole, on the drawing as in the sentence.</summary>
    [Fact]
    public void A_spoiled_end_is_cut_behind_its_fault_and_the_measures_add_up()
    {
        var scene = Spoiled(160, Fault.Nick);
        var (cut, bare) = (Box(scene, "cut"), Box(scene, "bare"));
        Assert.True(cut.Right < 0, "The cut lies behind the insulation’s edge.");
        Assert.True(Box(scene, "nick").Left > 0);
        var (spent, left) = (
            scene.Dimensions.Single(d => d.Id == "spent"),
            scene.Dimensions.Single(d => d.Id == "left")
        );
        Assert.Equal(bare.Right, spent.ToX, 1e-9);
        Assert.Equal(left.ToX, spent.FromX, 1e-9);
        Assert.Equal(160 + 10, (left.ToX - left.FromX) + (spent.ToX - spent.FromX), 1e-9);
        Assert.Equal(spent.ToX - spent.FromX, spent.Label.Value, 0.001);
    }

    [Fact]
    public void What_may_stay_is_not_cut_and_a_short_strip_is_drawn_shorter()
    {
        Assert.DoesNotContain(Spoiled(100, Fault.Loose).Parts, p => p.Id == "cut");
        Assert.True(Box(Spoiled(null, Fault.TooShort), "bare").Width < Box(Spoiled(null), "bare").Width);
        Assert.True(Box(Spoiled(null, Fault.TooLong), "bare").Width > Box(Spoiled(null), "bare").Width);
    }

    [Fact]
    public void Every_fault_changes_the_drawing()
    {
        var whole = Spoiled(80).Parts.Select(p => (p.Id, p.Path.Data)).ToHashSet();
        // What is lost in strands is counted, not ticked.
        foreach (var fault in Enum.GetValues<Fault>().Except([Fault.StrandsCut, Fault.OverTwist]))
        {
            Assert.False(whole.SetEquals(Spoiled(80, fault).Parts.Select(p => (p.Id, p.Path.Data))), fault.ToString());
        }
    }

    private static (BoxContents Contents, BoxFill Fill) Filled(double? volume, int conductors)
    {
        var contents = new BoxContents(
            [new(conductors, ConductorSize.Parse("14 AWG"))],
            [new(2, ConductorSize.Parse("14 AWG"))]
        )
        {
            Yokes = [ConductorSize.Parse("14 AWG")],
            InnerClamps = true,
            Pigtails = 3,
        };
        return (contents, BoxFill.Of(contents, volume));
    }

    [Fact]
    public void A_box_holds_what_is_counted_and_is_filled_to_its_share()
    {
        var (contents, fill) = Filled(18, 4);
        var scene = BoxFrontDrawing.Of(contents, fill);
        Assert.Equal(
            (4, 2, 1, 2),
            (
                Count(scene, "conductor-"),
                Count(scene, "earth-") - 1,
                Count(scene, "yoke-0"),
                scene.Parts.Count(p => p.Id.StartsWith("clamp-", StringComparison.Ordinal))
            )
        );
        Assert.Equal(3, Count(scene, "pigtail-"));
        var (inside, filled) = (Box(scene, "inside"), Box(scene, "filled"));
        Assert.Equal(fill.Needed / 18, filled.Height / inside.Height, 1e-9);
        // Its front is what its volume leaves at the usual depth of 2.5 in.
        Assert.Equal(18 / 2.5 * 25.4 * 25.4, inside.Width * inside.Height, 1e-6);
    }

    [Fact]
    public void A_box_that_is_too_full_is_filled_to_the_brim_and_says_so_by_its_kind()
    {
        var (contents, fill) = Filled(8, 12);
        var filled = BoxFrontDrawing.Of(contents, fill).Parts.Single(p => p.Id == "filled");
        Assert.Equal(PartKind.BareShowing, filled.Kind);
        Assert.Equal(0, filled.Box.Top, 1e-9);
    }

    [Fact]
    public void A_pigtail_is_as_long_as_its_parts()
    {
        var plan = SplicePigtail.Of(new Length(38), new Length(19));
        var scene = PigtailDrawing.Of(plan, 2);
        Assert.Equal(2, Count(scene, "end-"));
        Assert.Equal(plan.Length.Millimetres, Box(scene, "landing").Right, 1e-9);
        Assert.Equal(plan.Spare.Millimetres, Box(scene, "spare").Width, 1e-9);
        Assert.Equal(38, Box(scene, "splice").Width, 1e-9);
        // Six inches free (NEC 300.14, from memory).
        var free = scene.Dimensions.Single(d => d.Id == "free");
        Assert.Equal(152.4, free.ToX - free.FromX, 1e-9);
    }
}
