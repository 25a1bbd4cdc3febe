using Lacet.Core.Quantities;

namespace Lacet.Core.Conductors;

/// <content>What speaks for a size, and what against.</content>
public sealed partial record ConductorClues
{
    private ConductorCandidate? Judge(Conductor conductor, ConductorSize? printed)
    {
        var (deviation, exact, why) = (0.0, false, new List<FormattableString>());
        if (printed is not null)
        {
            if (printed != conductor.Size)
            {
                return null;
            }

            exact = true;
            why.Add($"{conductor.Size.Name} is printed on it.");
        }

        if (Strands is { } strands)
        {
            if (BuildOf(strands) != conductor.Build)
            {
                return null;
            }

            if (StrandDiameter is { } strand)
            {
                var area = strands * Math.PI / 4 * strand.Millimetres * strand.Millimetres;
                if (!Agrees(area, conductor.Size.Area.SquareMillimetres, 2 * CaliperError))
                {
                    return null;
                }

                exact = true;
                why.Add($"{strands} of {strand.Millimetres:0.###} mm are {new Area(area)} of metal.");
            }
            else
            {
                why.Add($"{strands} wires: {Conductor.Say(conductor.Build)}.");
            }
        }
        else if (StrandDiameter is { } one && !Counts(conductor, one))
        {
            return null;
        }

        if (BareDiameter is { } bare)
        {
            // A bundle is not round: a caliper squeezes it.
            var error = conductor.Build == Build.Solid ? CaliperError : 2 * CaliperError;
            if (!Agrees(bare.Millimetres, conductor.Diameter.Millimetres, error))
            {
                return null;
            }

            exact |= conductor.Build == Build.Solid && Strands == 1;
            why.Add($"{Conductor.Say(conductor.Build)}, it is {conductor.Diameter:mm} over the metal.");
        }

        if (OverInsulation is { } over)
        {
            if (!Agrees(over.Millimetres, conductor.InsulationOuterDiameter.Millimetres, InsulationSpread))
            {
                return null;
            }

            why.Add($"Usual insulation makes it {conductor.InsulationOuterDiameter:mm} over all.");
        }

        if (StripperHole is { } hole)
        {
            // A hole is cut for a solid conductor, and for a stranded one the next stocked gauge smaller (common
            // practice).
            var fits = conductor.Build == Build.Solid ? hole : NextSmaller(hole);
            if (fits != conductor.Size)
            {
                return null;
            }

            why.Add($"The hole marked {hole.Name} takes {conductor.Size.Name} {Conductor.Say(conductor.Build)}.");
        }

        return new(
            conductor,
            Insulation(),
            exact && deviation < CaliperError ? Sureness.Sure
                : exact ? Sureness.Likely
                : Sureness.Possible,
            deviation,
            why
        );

        bool Agrees(double measured, double listed, double error)
        {
            var off = Math.Abs((measured / listed) - 1);
            deviation = Math.Max(deviation, off);
            return off <= error;
        }

        bool Counts(Conductor of, Length strand)
        {
            why.Add(
                $"Count the strands: {of.Size.Name} {Conductor.Say(of.Build)} of {strand.Millimetres:0.###} mm has {Math.Round(of.Size.Area.SquareMillimetres / (Math.PI / 4 * strand.Millimetres * strand.Millimetres)):0}."
            );
            return of.Build switch
            {
                Build.Solid => Agrees(strand.Millimetres, of.Diameter.Millimetres, CaliperError),
                Build.Stranded => Agrees(strand.Millimetres, of.StrandDiameter.Millimetres, CaliperError),
                _ => false,
            };
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
