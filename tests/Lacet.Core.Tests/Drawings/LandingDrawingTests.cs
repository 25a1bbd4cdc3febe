using Lacet.Core.Drawings;

namespace Lacet.Core.Tests.Drawings;

/// <summary>What tells one landing's drawing from another's, in millimetres.</summary>
public sealed class LandingDrawingTests
{
    private static Scene Draw(Conductor wire, Landing landing, double? measured = null) =>
        EndSection.Of(wire, landing, HouseRules.Default, new AsMade(measured is { } mm ? new Length(mm) : null, null));

    private static SceneBox Box(Scene scene, string id) => scene.Parts.Single(p => p.Id == id).Box;

    [Fact]
    public void In_a_spring_cage_the_blade_has_a_way_of_its_own_above_the_wire()
    {
        var scene = Draw(Ends.Wire("2.5 mm²"), new SpringCageBlock(new()));
        Assert.True(Box(scene, "tool-blade").Bottom < Box(scene, "landed-bare").Top);
        Assert.True(Box(scene, "landed-blade-way").Bottom < Box(scene, "landed-opening").Top);
        Assert.Equal(Box(scene, "landed-bar").Bottom, Box(scene, "landed-bare").Top, 1e-9);
    }

    [Fact]
    public void In_a_deep_throat_the_insulation_goes_inside()
    {
        var scene = Draw(Ends.Wire("4 mm²", Build.Stranded), new DeepPushIn(new()));
        Assert.True(Box(scene, "landed-body").Left < Box(scene, "landed-insulation").Right - 5);
        Assert.Equal(
            7,
            scene.Dimensions.Single(d => d.Id == "inside").ToX - scene.Dimensions.Single(d => d.Id == "inside").FromX,
            1e-9
        );
    }

    [Fact]
    public void A_back_stab_s_leaf_bites_the_wire_from_below_and_its_release_lies_beside_the_hole()
    {
        var scene = Draw(Ends.Wire("14"), new BackStab(new()));
        Assert.Equal(Box(scene, "landed-bare").Bottom + 0.2 - 0.3, Box(scene, "landed-spring").Top, 1e-9);
        Assert.True(Box(scene, "landed-release").Top > Box(scene, "landed-opening").Bottom);
    }

    [Fact]
    public void A_lever_stands_up_open_and_lies_flat_closed()
    {
        var open = LandingSketch.Of(new LeverClamp(new())).Parts.Single(p => p.Kind == PartKind.Lever).Box;
        var closed = Box(Draw(Ends.Wire("2.5 mm²"), new LeverClamp(new())), "landed-lever");
        Assert.True(open.Height > 3 * closed.Height);
    }

    [Fact]
    public void Contacts_go_through_the_insulation_to_the_metal_of_a_wire_that_is_not_stripped()
    {
        var scene = Draw(Ends.Wire("1 mm²"), new InsulationDisplacement(null, null, null, null));
        Assert.Equal(0, Box(scene, "stripped-bare").Width, 1e-9);
        var contact = Box(scene, "landed-contact-0");
        Assert.True(contact.Top < Box(scene, "landed-core").Top && contact.Bottom > Box(scene, "landed-core").Bottom);
        Assert.DoesNotContain(scene.Parts, p => p.Kind == PartKind.StripWindow);
    }

    [Theory]
    [InlineData(RingShape.Ring, false)]
    [InlineData(RingShape.Fork, true)]
    public void A_ring_goes_all_round_its_stud_and_a_fork_does_not(RingShape shape, bool open)
    {
        var scene = Draw(Ends.Wire("14", Build.Stranded), new Stud(5, null, shape, null));
        Assert.Equal(5.3, Box(scene, "landed-hole").Width, 1e-9);
        Assert.Equal(open, scene.Parts.Any(p => p.Id == "landed-fork-gap"));
        Assert.Equal(
            Box(scene, "landed-hole").Left + 2.65,
            (Box(scene, "landed-thread").Left + Box(scene, "landed-thread").Right) / 2,
            1e-9
        );
    }

    [Theory]
    [InlineData("2 AWG", 1)]
    [InlineData("2/0", 2)]
    public void A_crimped_lug_shows_its_crimps(string size, int crimps)
    {
        var scene = Draw(Ends.Wire(size, Build.Stranded), new CrimpedLug(0.375, null, null));
        Assert.Equal(crimps, scene.Parts.Count(p => p.Kind == PartKind.Crimp));
        Assert.Equal(9.525, Box(scene, "landed-thread").Width, 1e-9);
        Assert.Equal(2, Box(scene, "landed-lug").Left, 1e-9);
    }

    [Fact]
    public void A_set_screw_stands_on_its_wire_and_the_tongue_reaches_past_the_barrel()
    {
        var scene = Draw(
            Ends.Wire("6", Build.Stranded),
            new SetScrewLug(LugDrive.HexSocket, null, null, null, null, 13, null)
        );
        Assert.Equal(Box(scene, "landed-bare").Top, Box(scene, "landed-thread").Bottom, 1e-9);
        Assert.Equal(Box(scene, "landed-opening").Right + 15, Box(scene, "landed-lug").Right, 1e-9);
    }

    [Fact]
    public void A_clamp_plate_lies_on_the_wire_from_above_and_the_strap_below()
    {
        var scene = Draw(Ends.Wire("12"), new BackWireClamp(new(), null));
        Assert.Equal(Box(scene, "landed-bare").Top, Box(scene, "landed-clamp-plate").Bottom, 1e-9);
        Assert.Equal(Box(scene, "landed-bare").Bottom, Box(scene, "landed-plate").Top, 1e-9);
        Assert.Contains(scene.Parts, p => p.Id == "landed-second-hole");
    }

    /// <summary>A flat blade is 1/4 in wide (common practice).</summary>
    [Fact]
    public void A_plug_s_hook_lies_on_its_blade()
    {
        var scene = Draw(Ends.Wire("16", Build.FineStranded), new PlugScrew(null, null, null));
        Assert.Equal(6.9, Box(scene, "landed-head").Width, 1e-9);
        Assert.True(Box(scene, "landed-blade").Right > Box(scene, "landed-head").Right + 15);
    }

    [Fact]
    public void A_solder_lug_s_wire_goes_through_its_eye_and_round_its_edge()
    {
        var scene = Draw(Ends.Wire("18", Build.FineStranded), new SolderLug(2.5));
        Assert.True(Box(scene, "landed-wrap").Right > Box(scene, "landed-tag").Right);
        Assert.Equal(2.5, Box(scene, "landed-eye").Width, 1e-9);
    }

    [Theory]
    [InlineData(12, "metal-missing")]
    [InlineData(22, "bare-showing")]
    public void A_wrong_strip_shows_in_a_clamp(double measured, string fault) =>
        Assert.Contains(Draw(Ends.Wire("12"), new BackWireClamp(new(2, 6, new Length(16)), null), measured).Parts, p =>
            p.Id == fault
        );

    [Fact]
    public void A_sketch_has_a_usual_end_in_it_where_one_goes_in() =>
        Generators.Landings.Sample(landing =>
        {
            var scene = LandingSketch.WithUsualEnd(landing);
            Assert.True(scene.Box.Width > 0);
            Assert.DoesNotContain(scene.Parts, p => p.Kind is PartKind.BareShowing or PartKind.InsulationCaught);
        });

    [Fact]
    public void A_receptacle_s_screw_is_sketched_with_14_AWG_under_it() =>
        Assert.Equal(
            1.628,
            LandingSketch.WithUsualEnd(Ends.Screw()).Parts.Single(p => p.Id == "landed-hook").LineWidth!.Value,
            0.001
        );

    [Fact]
    public void A_path_that_is_moved_keeps_its_shape()
    {
        var path = new ScenePath().MoveTo(1, 2).Arc(3, 3, 2, 10, 250).LineTo(0, 0).Close();
        var moved = path.Moved(5, -1).Moved(-5, 1);
        Assert.Equal(path.Data, moved.Data);
        Assert.Equal(path.Box.Left + 5, path.Moved(5, 0).Box.Left, 1e-9);
    }
}
