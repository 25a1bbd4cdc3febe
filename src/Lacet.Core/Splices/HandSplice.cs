using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <summary>A hand splice as a recipe: what to bare, how to wind it, how to insulate it.</summary>
/// <param name="Form">Which.</param>
/// <param name="Conductor">The wire.</param>
/// <param name="Turns">How often it goes round.</param>
/// <param name="Wires">What is bared of each wire.</param>
/// <param name="Trim">What is left after trimming; null where nothing is trimmed.</param>
/// <param name="Joint">How long the finished joint is.</param>
/// <param name="Diameter">How thick it is.</param>
/// <param name="Steps">What to do, in order.</param>
/// <param name="Limits">What it is for, and what not.</param>
/// <param name="Tape">Its insulation, from the inside out.</param>
public sealed record HandSplice(
    HandForm Form,
    Conductor Conductor,
    Turns Turns,
    IReadOnlyList<BaredWire> Wires,
    Length? Trim,
    Length Joint,
    Length Diameter,
    IReadOnlyList<FormattableString> Steps,
    IReadOnlyList<FormattableString> Limits,
    IReadOnlyList<TapeLayer> Tape
)
{
    /// <summary>Said of every one.</summary>
    public static readonly FormattableString NotFinished =
        $"A bare twist is not finished: solder it, or put it in a listed connector, and insulate it to the conductor’s own level (NEC 110.14(B), from memory).";

    /// <summary>What crosses at the middle of an in-line splice, and what the pliers hold (common practice).</summary>
    internal static readonly Length Crossing = new(12);

    private static readonly Length Grip = new(25);

    /// <summary>Open turns go on four diameters each (common practice).</summary>
    internal const double OpenPitch = 4;

    /// <summary>Insulation of a run stays this clear of what is wound on it (common practice).</summary>
    internal static readonly Length Clear = Length.FromInches(0.25);

    private static readonly Length FaceStrip = Length.FromInches(1);
    private static readonly Length FixtureStrip = Length.FromInches(1.25);

    /// <summary>Thicker wire is not wound by hand (common practice): 8 AWG solid, 6 AWG stranded.</summary>
    private static readonly Area MostSolid = ConductorSize.Parse("8 AWG").Area;

    private static readonly Area MostStranded = ConductorSize.Parse("6 AWG").Area;

    /// <summary>
    /// Computes a form. Throws <see cref="ImpossibleInputException"/> where the wire cannot be wound that way, or the
    /// turns cannot be.
    /// </summary>
    public static HandSplice Of(HandForm form, Conductor conductor, Turns turns, PigtailStrip learning)
    {
        if (turns is not { Open: >= 0 and <= 12, Tight: >= 0 and <= 12 } || turns.Open + turns.Tight is 0)
        {
            throw new ImpossibleInputException(
                "turns",
                "Give from 0 to 12 open turns and as many tight ones, and at least one in all."
            );
        }

        var solid = conductor.Build == Build.Solid;
        if (IsOfStrands(form) && solid)
        {
            throw new ImpossibleInputException(
                "form",
                "That form winds strands, and this wire is solid. Take the pigtail, the in-line splice or the tap."
            );
        }

        if (form is HandForm.InLine or HandForm.Tap && !solid)
        {
            throw new ImpossibleInputException(
                "form",
                "That form winds one solid wire on another. For strands take face to face, or the stranded tee."
            );
        }

        if (conductor.Size.Area.SquareMillimetres > (solid ? MostSolid : MostStranded).SquareMillimetres + 1e-9)
        {
            throw new ImpossibleInputException(
                "conductor.size",
                $"{conductor.Size.Name} is not wound by hand: take a listed connector."
            );
        }

        if (conductor.Material == Material.Aluminium)
        {
            throw new ImpossibleInputException(
                "conductor.material",
                "Aluminium is not joined by hand: its oxide insulates and it cannot be soldered here. Take a connector listed for it."
            );
        }

        return form switch
        {
            HandForm.InLine => InLine(conductor, turns),
            HandForm.Tap => Tap(conductor, turns),
            HandForm.FaceToFace => FaceToFace(conductor, turns),
            HandForm.StrandedTee => StrandedTee(conductor, turns),
            HandForm.StrandedToSolid => StrandedToSolid(conductor, turns),
            _ => Pigtail(form, conductor, turns, learning),
        };
    }

    /// <summary>Whether a form is of strands.</summary>
    public static bool IsOfStrands(HandForm form) =>
        form is HandForm.FaceToFace or HandForm.StrandedTee or HandForm.StrandedToSolid;

    /// <summary>Whether one wire is wound on another, open turns first and tight ones after them.</summary>
    public static bool HasOpenTurns(HandForm form) => form is HandForm.InLine or HandForm.Tap;

    /// <summary>A form as it is drawn for whoever knows it by sight: of a wire that is often wound so.</summary>
    public static HandSplice Sample(HandForm form, PigtailStrip learning) =>
        Of(
            form,
            Conductor.Of(
                ConductorSize.Parse("14 AWG"),
                IsOfStrands(form) ? Build.Stranded : Build.Solid,
                Material.Copper
            ),
            new(3, 4),
            learning
        );

    /// <summary>How many wires a pigtail has; 2 for every other form.</summary>
    public static int WiresOf(HandForm form) =>
        form switch
        {
            HandForm.PigtailThree => 3,
            HandForm.PigtailFour => 4,
            _ => 2,
        };

    /// <summary>
    /// How far the middle of each of so many wires of a twist is from its axis, in diameters: they touch in a ring.
    /// </summary>
    public static double RadiusOfTwist(int wires) => 1 / (2 * Math.Sin(Math.PI / wires));

    /// <summary>
    /// The length of one turn of a wire whose middle runs round an axis: the hypotenuse of its circle and its pitch.
    /// </summary>
    private static double Turn(double radius, double pitch) =>
        Math.Sqrt(Math.Pow(2 * Math.PI * radius, 2) + (pitch * pitch));

    /// <summary>What the turns of one wire round another of its own diameter take.</summary>
    private static double Wound(double d, Turns turns) =>
        (turns.Tight * Turn(d, d)) + (turns.Open * Turn(d, OpenPitch * d));

    private static double Along(double d, Turns turns) => (turns.Tight * d) + (turns.Open * OpenPitch * d);

    private static IReadOnlyList<TapeLayer> TapeOver(Conductor conductor, double joint, double across) =>
        TapeWrap.Of(
            new(joint),
            new(Math.Max(across, conductor.InsulationOuterDiameter.Millimetres)),
            new((conductor.InsulationOuterDiameter.Millimetres - conductor.Diameter.Millimetres) / 2)
        );

    private static HandSplice Pigtail(HandForm form, Conductor conductor, Turns turns, PigtailStrip learning)
    {
        var (d, wires) = (conductor.Diameter.Millimetres, WiresOf(form));
        var radius = RadiusOfTwist(wires) * d;
        // One rule for all pigtails: 1 1/2 in is bared (3 in by learners), and as many turns are made as go on that.
        // Four wires stand in a ring round nothing; a twist goes on four diameters, as open turns do.
        var bare = TwistStrip.Of(learning).Target;
        var fit = Math.Max(1, (int)Math.Floor(bare.Millimetres / Turn(radius, OpenPitch * d)));
        var trimmed = TwistStrip.Trimmed;
        var across = 2 * (radius + (d / 2));
        return new(
            form,
            conductor,
            new Turns(0, Math.Min(turns.OfOneKind, fit)),
            [.. Enumerable.Range(1, wires).Select(i => new BaredWire($"wire {i}", bare))],
            trimmed,
            trimmed,
            new(across),
            [
                $"Strip {bare} of each wire, in short bites, and look: no ring, no nick. Lay them side by side, insulation level with insulation.",
                .. Twisted(wires, conductor.Build == Build.Solid, Math.Min(turns.OfOneKind, fit)),
                $"Trim to {trimmed}, square. Eye protection on.",
                $"Twisted too far, metal crosses and breaks: cut it off and begin again.",
            ],
            [
                $"For {wires} wires of one size, up to 10 AWG with a twist-on connector; nothing pulls on it.",
                $"Clockwise, since a twist-on connector turns clockwise too.",
            ],
            TapeOver(conductor, trimmed.Millimetres, across)
        );
    }

    /// <summary>Two, three and four wires are different work.</summary>
    private static IEnumerable<FormattableString> Twisted(int wires, bool solid, int turns)
    {
        if (!solid)
        {
            yield return $"Twist each bundle by itself first, clockwise; then all of them together, {turns} turns.";
            yield break;
        }

        if (wires == 3)
        {
            yield return $"Cross two over the one in the middle, grip all three, and twist clockwise; grip again in the same place until the turns are even.";
        }
        else if (wires == 4)
        {
            yield return $"Trim the four tips level first, so that the pliers hold all of them; then twist clockwise.";
        }
        else
        {
            yield return $"Hold the insulation, grip both tips with the pliers, and twist clockwise.";
        }

        yield return $"About {turns} turns fit: stop where they reach the insulation.";
    }

    private static HandSplice InLine(Conductor conductor, Turns turns)
    {
        var d = conductor.Diameter.Millimetres;
        var bare = new Length(Wound(d, turns) + Crossing.Millimetres + Grip.Millimetres);
        var joint = (2 * Along(d, turns)) + Crossing.Millimetres;
        return new(
            HandForm.InLine,
            conductor,
            turns,
            [new("one wire", bare), new("the other", bare)],
            null,
            new(joint),
            new(3 * d),
            [
                $"Strip {bare} of each wire, in short bites; look for rings, and clean it bright.",
                $"Cross them where a third of the bare metal is behind, and bend each over the other.",
                $"Wind one round the other: {turns.Open} open turns, then {turns.Tight} tight ones that touch; then the other the opposite way, so that a pull tightens both.",
                $"Cut the tips close, eye protection on, and press them down.",
            ],
            [
                $"For two solid wires of one size that go on in a line, 8 AWG and thinner.",
                $"It holds a pull along the run; made well it carries most of the wire’s own strength.",
            ],
            TapeOver(conductor, joint, 3 * d)
        );
    }

    private static HandSplice Tap(Conductor conductor, Turns turns)
    {
        var d = conductor.Diameter.Millimetres;
        var bare = new Length(Wound(d, turns) + Crossing.Millimetres + Grip.Millimetres);
        var joint = Along(d, turns) + Crossing.Millimetres;
        var window = new Length(joint + (2 * Clear.Millimetres));
        return new(
            HandForm.Tap,
            conductor,
            turns,
            [new("the tap", bare), new("the run", window, InTheMiddle: true)],
            null,
            new(joint),
            new(3 * d),
            [
                $"Bare a window of {window} in the run: ring it twice, slit between, the blade away from you, and look: no nick.",
                $"Strip {bare} of the tap, in short bites.",
                $"Lay the tap across, and bend it over the run.",
                $"Wind it on: {turns.Open} open turns away from the branch, then {turns.Tight} tight ones.",
                $"Cut the tip close, eye protection on. {Clear:mm} of the run stays bare at both ends, so that no turn climbs on insulation.",
            ],
            [
                $"For a solid wire on a solid run of its size, 8 AWG and thinner; the run is never cut.",
                $"Nothing pulls on the tap.",
            ],
            TapeOver(conductor, window.Millimetres, 3 * d)
        );
    }

    private static HandSplice FaceToFace(Conductor conductor, Turns turns)
    {
        var d = conductor.Diameter.Millimetres;
        // 1 in is for the thin wires of fixtures; a thick bundle takes as much as its halves need (common practice:
        // eight diameters).
        var bare = new Length(Math.Max(FaceStrip.Millimetres, 8 * d));
        var binding = new Length(bare.Millimetres / 4);
        // Each bundle's halves lie over the other's base: two bundles long less the part that is common.
        var joint = 2 * bare.Millimetres * 0.75;
        var across = 2 * d;
        return new(
            HandForm.FaceToFace,
            conductor,
            turns,
            [new("one end", bare), new("the other", bare)],
            null,
            new(joint),
            new(across),
            [
                $"Strip {bare} of each, in short bites, and look: no strand nicked. Part two or three strands from each bundle.",
                $"Bind the base with these, tight, for {binding:mm}: a quarter of what is bare.",
                $"Split the rest in two, like a Y, and push the ends into each other at 90°.",
                $"Twist each half the way that the binding goes, with smooth-jawed pliers, {turns.OfOneKind} turns; press the tips down.",
            ],
            [$"For two stranded wires of one size; smooth jaws, since teeth cut strands."],
            TapeOver(conductor, joint, across)
        );
    }

    private static HandSplice StrandedTee(Conductor conductor, Turns turns)
    {
        var (d, strand) = (conductor.Diameter.Millimetres, conductor.StrandDiameter.Millimetres);
        // Half of the tap's strands lie flat beside each other as they go round the run.
        var band = Math.Max(1, conductor.Strands / 2) * strand;
        var each = turns.OfOneKind;
        var bare = new Length((each * Turn((d + strand) / 2, band)) + d + Grip.Millimetres);
        var joint = (2 * each * band) + d;
        var window = new Length(joint + (2 * Clear.Millimetres));
        return new(
            HandForm.StrandedTee,
            conductor,
            turns,
            [new("the tap", bare), new("the run", window, InTheMiddle: true)],
            null,
            new(joint),
            new(d + (2 * strand)),
            [
                $"Bare a window of {window} in the run: ring it twice, slit between, the blade away from you, and look: no strand nicked.",
                $"Part the run’s strands in the middle with a blunt point; strip {bare} of the tap, in short bites.",
                $"Fan the tap out into two halves, and push one through the parted run.",
                $"Bind the tap’s base with one strand, so that its halves cannot open.",
                $"Wind one half one way, the other the other way: {each} turns each, flat beside each other.",
                $"Press the tips down. {Clear:mm} of the run stays bare at both ends.",
            ],
            [$"For a stranded wire on a stranded run of its size; the run is never cut."],
            TapeOver(conductor, window.Millimetres, d + (2 * strand))
        );
    }

    private static HandSplice StrandedToSolid(Conductor conductor, Turns turns)
    {
        var (strand, d) = (conductor.StrandDiameter.Millimetres, conductor.Size.SolidDiameter.Millimetres);
        var band = Math.Min(conductor.Strands, 5) * strand;
        var each = turns.OfOneKind;
        var bare = new Length(Math.Max(FixtureStrip.Millimetres, each * Turn((d + strand) / 2, band)));
        var joint = FixtureStrip.Millimetres * 2 / 3;
        var across = (2 * d) + (2 * strand);
        return new(
            HandForm.StrandedToSolid,
            conductor,
            turns,
            [new("the strands", bare), new("the solid wire", FixtureStrip)],
            null,
            new(joint),
            new(across),
            [
                $"Strip {FixtureStrip} of the solid wire and {bare} of the strands, 1 to 1 1/4 in for a fixture’s thin leads.",
                $"Fan the strands out a little, and lay them across the solid wire close to its insulation.",
                $"Wind them clockwise round the solid wire, {each} turns, flat.",
                $"Fold the last third of the solid wire back over the turns, and press it flat: they cannot slip off.",
            ],
            [$"For a fixture’s strands on a solid wire; nothing pulls on it."],
            TapeOver(conductor, joint, across)
        );
    }
}
