using Lacet.Core.Drawings;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Crafts;

/// <summary>
/// Hand splices: lengths against geometry by another route, tape, what is refused, drawings in millimetres.
/// </summary>
public sealed class HandSpliceTests
{
    private static readonly HandForm[] Solid =
    [
        HandForm.PigtailTwo,
        HandForm.PigtailThree,
        HandForm.PigtailFour,
        HandForm.InLine,
        HandForm.Tap,
    ];

    private static readonly Gen<Conductor> SolidWires = Pick("18", "16", "14", "12", "10", "8", "1.5 mm²", "6 mm²")
        .Select(s => Ends.Wire(s));

    private static readonly Gen<Turns> AnyTurns = Gen.Select(Gen.Int[0, 12], Gen.Int[0, 12])
        .Where(t => t.Item1 + t.Item2 > 0)
        .Select(t => new Turns(t.Item1, t.Item2));

    public static TheoryData<HandForm> Forms => [.. Enum.GetValues<HandForm>()];

    /// <summary>
    /// The path of the wire’s middle, added up in small chords instead of by the formula: open turns on four diameters,
    /// tight on one, then 12 mm of crossing and 25 mm of grip (field practice, from memory).
    /// </summary>
    [Fact]
    public void What_is_bared_is_the_length_of_the_path_added_up_chord_by_chord() =>
        Gen.Select(SolidWires, AnyTurns)
            .Sample(
                (wire, turns) =>
                {
                    var d = wire.Diameter.Millimetres;
                    var path = Path(d, d, turns.Tight) + Path(d, 4 * d, turns.Open) + 12 + 25;
                    foreach (var form in new[] { HandForm.InLine, HandForm.Tap })
                    {
                        Assert.Equal(
                            path,
                            HandSplice.Of(form, wire, turns, PigtailStrip.OneAndAHalfInches).Wires[0].Bare.Millimetres,
                            path * 1e-3
                        );
                    }
                }
            );

    [Theory]
    [Trait("Advice", "1.20")]
    [Trait("Advice", "4.8")]
    [InlineData(HandForm.PigtailTwo, 2)]
    [InlineData(HandForm.PigtailThree, 3)]
    [InlineData(HandForm.PigtailFour, 4)]
    public void A_pigtail_is_bared_as_the_connector_s_is_and_says_how_many_turns_fit(HandForm form, int wires) =>
        Gen.Select(SolidWires, Gen.Int[1, 12])
            .Sample(
                (wire, twists) =>
                {
                    var d = wire.Diameter.Millimetres;
                    // Wires that touch in a ring: two lie half a diameter from the axis, three d/√3, four d/√2.
                    var radius = wires switch
                    {
                        2 => d / 2,
                        3 => d / Math.Sqrt(3),
                        _ => d / Math.Sqrt(2),
                    };
                    var splice = HandSplice.Of(form, wire, new(0, twists), PigtailStrip.OneAndAHalfInches);
                    // One rule with the connector's answer: 1 1/2 in (common practice), and the turns are those that go
                    // on it.
                    Assert.Equal(1.5 * 25.4, splice.Wires[0].Bare.Millimetres, 6);
                    Assert.InRange(splice.Turns.OfOneKind, 1, twists);
                    Assert.True(
                        splice.Turns.OfOneKind == 1
                            || Path(radius, 4 * d, splice.Turns.OfOneKind) <= (1.5 * 25.4) + 1e-6
                    );
                    Assert.True(
                        splice.Turns.OfOneKind == twists || Path(radius, 4 * d, splice.Turns.OfOneKind + 1) > 1.5 * 25.4
                    );
                    Assert.Equal(wires, splice.Wires.Count);
                    // Common practice: trimmed to 5/8 in.
                    Assert.Equal(15.875, splice.Trim!.Value.Millimetres, 9);
                }
            );

    /// <summary>
    /// Common practice: 1 1/2 in, or 3 in while learning; 1 in face to face, a quarter of it bound; 1/4 in clear at a
    /// tap.
    /// </summary>
    [Fact]
    public void The_lengths_that_are_taught_are_the_lengths_that_are_given()
    {
        HandSplice Of(
            HandForm form,
            string size,
            Build build,
            PigtailStrip learning = PigtailStrip.OneAndAHalfInches
        ) => HandSplice.Of(form, Ends.Wire(size, build), Turns.Usual, learning);
        Assert.Equal(38.1, Of(HandForm.PigtailTwo, "14", Build.Solid).Wires[0].Bare.Millimetres, 6);
        Assert.Equal(
            76.2,
            Of(HandForm.PigtailTwo, "14", Build.Solid, PigtailStrip.ThreeInchesForLearners).Wires[0].Bare.Millimetres,
            6
        );
        Assert.Equal(25.4, Of(HandForm.FaceToFace, "14", Build.Stranded).Wires[0].Bare.Millimetres, 6);
        // Four turns of 18 AWG on 18 AWG: the taught 1 to 1 1/4 in of both.
        Assert.All(Of(HandForm.StrandedToSolid, "18", Build.Stranded).Wires, w =>
            Assert.InRange(w.Bare.Millimetres, 25.4, 31.8)
        );
        var tap = Of(HandForm.Tap, "12", Build.Solid);
        Assert.True(tap.Wires[1].InTheMiddle);
        Assert.Equal(2 * 6.35, tap.Wires[1].Bare.Millimetres - tap.Joint.Millimetres, 6);
    }

    [Theory]
    [InlineData(HandForm.FaceToFace, "14", Build.Solid, Material.Copper, "form")]
    [InlineData(HandForm.StrandedTee, "14", Build.Solid, Material.Copper, "form")]
    [InlineData(HandForm.InLine, "14", Build.Stranded, Material.Copper, "form")]
    [InlineData(HandForm.Tap, "14", Build.FineStranded, Material.Copper, "form")]
    [InlineData(HandForm.InLine, "6", Build.Solid, Material.Copper, "conductor.size")]
    [InlineData(HandForm.StrandedTee, "4", Build.Stranded, Material.Copper, "conductor.size")]
    [InlineData(HandForm.PigtailTwo, "12", Build.Solid, Material.Aluminium, "conductor.material")]
    public void What_is_not_wound_by_hand_is_refused(
        HandForm form,
        string size,
        Build build,
        Material material,
        string field
    ) =>
        Assert.Equal(
            field,
            Assert
                .Throws<ImpossibleInputException>(() =>
                    HandSplice.Of(
                        form,
                        Ends.Wire(size, build, material: material),
                        Turns.Usual,
                        PigtailStrip.OneAndAHalfInches
                    )
                )
                .Field
        );

    [Theory]
    [InlineData(0, 0)]
    [InlineData(-1, 4)]
    [InlineData(13, 0)]
    public void Turns_that_cannot_be_are_refused(int open, int tight) =>
        Assert.Throws<ImpossibleInputException>(() =>
            HandSplice.Of(HandForm.InLine, Ends.Wire("14"), new(open, tight), PigtailStrip.OneAndAHalfInches)
        );

    [Fact]
    public void One_turn_more_never_takes_less_wire() =>
        Gen.Select(SolidWires, AnyTurns, Pick(Solid))
            .Sample(
                (wire, turns, form) =>
                {
                    double Bare(Turns of) =>
                        HandSplice.Of(form, wire, of, PigtailStrip.OneAndAHalfInches).Wires[0].Bare.Millimetres;
                    Assert.True(
                        turns.Tight == 12
                            || Bare(turns with { Tight = turns.Tight + 1 }) >= Bare(turns) - 1e-9
                            || turns.Tight == 0
                    );
                }
            );

    /// <summary>
    /// Tape by another route: the surface that is covered, half-lapped and so twice, over the tape’s width, is nearly
    /// its length as long as a turn goes on slowly.
    /// </summary>
    [Theory]
    [InlineData(80, 6, 0.4)]
    [InlineData(40, 12, 0.8)]
    [InlineData(120, 20, 2.5)]
    public void Tape_covers_the_surface_twice_and_rubber_is_as_thick_as_what_it_replaces(
        double joint,
        double diameter,
        double insulation
    )
    {
        var layers = TapeWrap.Of(new(joint), new(diameter), new(insulation));
        Assert.Equal(2, layers.Count(l => l.Tape.Contains("vinyl", StringComparison.Ordinal)));
        Assert.Equal(["self-fusing rubber tape", "vinyl tape"], layers.Select(l => l.Tape).Distinct());
        Assert.True(
            layers.Where(l => l.Tape.Contains("rubber", StringComparison.Ordinal)).Sum(l => l.Thickness.Millimetres)
                >= insulation
        );
        var across = diameter;
        foreach (var layer in layers)
        {
            var mean = across + layer.Thickness.Millimetres;
            var surface = 2 * Math.PI * mean * layer.Covers.Millimetres / layer.Width.Millimetres;
            Assert.InRange(layer.TapeLength.Millimetres, surface, surface * 1.15);
            across += 2 * layer.Thickness.Millimetres;
        }
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public void Every_form_is_drawn_to_scale(HandForm form)
    {
        var wire = Ends.Wire("14", HandSplice.IsOfStrands(form) ? Build.Stranded : Build.Solid);
        var splice = HandSplice.Of(form, wire, Turns.Usual, PigtailStrip.OneAndAHalfInches);
        var scene = HandSpliceDrawing.Of(splice);
        Assert.Contains(scene.Parts, p => p.Kind == PartKind.Insulation);
        Assert.Contains(scene.Parts, p => p.Kind == PartKind.Conductor);
        Assert.Equal(scene.Parts.Select(p => p.Id).Distinct().Count(), scene.Parts.Count);
        Assert.NotEmpty(scene.Dimensions);
        // A dimension is as long as it says.
        Assert.All(scene.Dimensions, d => Assert.Equal(d.Label.Value, d.ToX - d.FromX, 0.01));
        // Nothing is wound where insulation is.
        var run = scene.Parts.SingleOrDefault(p => p.Id == "run-bare");
        Assert.All(
            scene.Parts.Where(p =>
                p.Id.Contains("tight", StringComparison.Ordinal) || p.Id.StartsWith("half", StringComparison.Ordinal)
            ),
            p => Assert.InRange(p.Box.Left, run!.Box.Left - 1e-6, run.Box.Right)
        );
    }

    private static double Path(double radius, double pitch, int turns)
    {
        const int Chords = 400;
        var (length, last) = (0.0, (X: radius, Y: 0.0, Z: 0.0));
        for (var i = 1; i <= turns * Chords; i++)
        {
            var angle = 2 * Math.PI * i / Chords;
            var next = (X: radius * Math.Cos(angle), Y: radius * Math.Sin(angle), Z: pitch * i / Chords);
            length += Math.Sqrt(
                Math.Pow(next.X - last.X, 2) + Math.Pow(next.Y - last.Y, 2) + Math.Pow(next.Z - last.Z, 2)
            );
            last = next;
        }

        return length;
    }
}
