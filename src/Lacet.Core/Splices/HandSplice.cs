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
public sealed partial record HandSplice(
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
}
