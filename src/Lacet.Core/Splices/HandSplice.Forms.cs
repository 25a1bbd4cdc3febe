using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <content>Each form by itself.</content>
public sealed partial record HandSplice
{
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
                $"For two solid wires of one size that go on straight, 8 AWG and thinner.",
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
