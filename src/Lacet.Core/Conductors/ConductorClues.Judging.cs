using Lacet.Core.Quantities;

namespace Lacet.Core.Conductors;

/// <content>What speaks for a size, and what against.</content>
public sealed partial record ConductorClues
{
    private ConductorCandidate? Judge(Conductor conductor, ConductorSize? printed)
    {
        var weighed = new Weighed();
        if (
            !BySize(conductor, printed, weighed)
            || !ByStrands(conductor, weighed)
            || !ByMetal(conductor, weighed)
            || !ByInsulation(conductor, weighed)
            || !ByHole(conductor, weighed)
        )
        {
            return null;
        }

        return new(
            conductor,
            Insulation(),
            weighed.Exact && weighed.Deviation < CaliperError ? Sureness.Sure
                : weighed.Exact ? Sureness.Likely
                : Sureness.Possible,
            weighed.Deviation,
            weighed.Why
        );
    }

    private static bool BySize(Conductor conductor, ConductorSize? printed, Weighed weighed)
    {
        if (printed is null)
        {
            return true;
        }

        weighed.Exact = true;
        weighed.Why.Add($"{conductor.Size.Name} is printed on it.");
        return printed == conductor.Size;
    }

    private bool ByStrands(Conductor conductor, Weighed weighed)
    {
        if (Strands is not { } strands)
        {
            return StrandDiameter is not { } one || Counts(conductor, one, weighed);
        }

        if (BuildOf(strands) != conductor.Build)
        {
            return false;
        }

        if (StrandDiameter is not { } strand)
        {
            weighed.Why.Add($"{strands} wires: {Conductor.Say(conductor.Build)}.");
            return true;
        }

        var area = strands * Math.PI / 4 * strand.Millimetres * strand.Millimetres;
        weighed.Exact = true;
        weighed.Why.Add($"{strands} of {strand.Millimetres:0.###} mm are {new Area(area)} of metal.");
        return weighed.Agrees(area, conductor.Size.Area.SquareMillimetres, 2 * CaliperError);
    }

    private static bool Counts(Conductor of, Length strand, Weighed weighed)
    {
        weighed.Why.Add(
            $"Count the strands: {of.Size.Name} {Conductor.Say(of.Build)} of {strand.Millimetres:0.###} mm has {Math.Round(of.Size.Area.SquareMillimetres / (Math.PI / 4 * strand.Millimetres * strand.Millimetres)):0}."
        );
        return of.Build switch
        {
            Build.Solid => weighed.Agrees(strand.Millimetres, of.Diameter.Millimetres, CaliperError),
            Build.Stranded => weighed.Agrees(strand.Millimetres, of.StrandDiameter.Millimetres, CaliperError),
            _ => false,
        };
    }

    private bool ByMetal(Conductor conductor, Weighed weighed)
    {
        if (BareDiameter is not { } bare)
        {
            return true;
        }

        weighed.Exact |= conductor.Build == Build.Solid && Strands == 1;
        weighed.Why.Add($"{Conductor.Say(conductor.Build)}, it is {conductor.Diameter:mm} over the metal.");
        // A bundle is not round: a caliper squeezes it.
        var error = conductor.Build == Build.Solid ? CaliperError : 2 * CaliperError;
        return weighed.Agrees(bare.Millimetres, conductor.Diameter.Millimetres, error);
    }

    private bool ByInsulation(Conductor conductor, Weighed weighed)
    {
        if (OverInsulation is not { } over)
        {
            return true;
        }

        weighed.Why.Add($"Usual insulation makes it {conductor.InsulationOuterDiameter:mm} over all.");
        return weighed.Agrees(over.Millimetres, conductor.InsulationOuterDiameter.Millimetres, InsulationSpread);
    }

    private bool ByHole(Conductor conductor, Weighed weighed)
    {
        if (StripperHole is not { } hole)
        {
            return true;
        }

        weighed.Why.Add($"The hole marked {hole.Name} takes {conductor.Size.Name} {Conductor.Say(conductor.Build)}.");
        // A hole is cut for a solid conductor, and for a stranded one the next stocked gauge smaller (common practice).
        return (conductor.Build == Build.Solid ? hole : NextSmaller(hole)) == conductor.Size;
    }

    /// <summary>What speaks for one candidate so far.</summary>
    private sealed class Weighed
    {
        internal double Deviation { get; private set; }
        internal bool Exact { get; set; }
        internal List<FormattableString> Why { get; } = [];

        internal bool Agrees(double measured, double listed, double error)
        {
            var off = Math.Abs((measured / listed) - 1);
            Deviation = Math.Max(Deviation, off);
            return off <= error;
        }
    }

    private static Build BuildOf(int strands) =>
        strands switch
        {
            1 => Build.Solid,
            7 or 19 or MostCoarse => Build.Stranded,
            _ => Build.FineStranded,
        };

    private static ConductorSize? NextSmaller(ConductorSize size) =>
        ConductorSize
            .Stocked.Where(s => s.System == size.System && s.Area.SquareMillimetres < size.Area.SquareMillimetres)
            .MaxBy(s => s.Area.SquareMillimetres);
}
