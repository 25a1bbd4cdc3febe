using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Exchange.Documents;
using Lacet.Store;
using Lacet.Workshop.Shelf;

namespace Lacet.Workshop.Records;

/// <summary>Writes what was made beside what it was made to: the recipe’s readings as they were.</summary>
public sealed class Terminations(ShelfLandings shelf, ReadingsTable readings)
{
    /// <summary>The termination as it is sealed; throws with the field and a sentence where it cannot be one.</summary>
    internal async Task<TerminationDocument> WriteAsync(NewRecord request, bool byApprentice)
    {
        var conductor = (
            request.Conductor ?? throw new ImpossibleInputException("conductor", "Say which wire it was.")
        ).Read();
        var where = await shelf.ResolveAsync(
            request.Landing ?? throw new ImpossibleInputException("landing", "Say where it went.")
        );
        var landing = where.Read();
        var rules = request.HouseRules ?? HouseRules.Default;
        var recipe = RecipeBook.For(
            new EndAtHand(conductor, landing, rules)
            {
                Second = request.Second?.Read(),
                FerruleLabelMm2 = request.FerruleLabelMm2,
                ByApprentice = byApprentice,
            }
        );
        if (recipe.Verdict == Verdict.Stop)
        {
            throw new ImpossibleInputException(
                "landing",
                "This wire does not belong in this landing, so it cannot be recorded as done. "
                    + recipe.Findings[0].Says.Said(ReaderFormat.Metric)
            );
        }

        var written = RecipeDocument.Of(recipe, ReaderFormat.Metric);
        return new TerminationDocument(
            request.Conductor,
            where,
            rules,
            new ReadingsDocument(
                landing.Kind,
                written.Verdict,
                written.Strip,
                written.Preparation,
                written.Ferrule is { } ferrule ? ferrule with { Belted = null } : null,
                written.Torque is { } torque ? torque with { ByHand = null } : null
            ),
            MeasuredStrip.Read(request.MeasuredStripMm)?.Read(),
            await TighteningAsync(
                request.Tightening ?? throw new ImpossibleInputException("tightening", "Say how it was tightened."),
                landing
            )
        )
        {
            Second = request.Second,
        };
    }

    private async Task<TighteningDocument> TighteningAsync(NewTightening tightening, Landing landing)
    {
        if (landing.IsTightened == (tightening.Method == TighteningMethod.Seated))
        {
            throw new ImpossibleInputException(
                "tightening.method",
                landing.IsTightened
                    ? $"A {landing.SaidAs} is tightened: say how."
                    : $"A {landing.SaidAs} is not tightened: record it as seated."
            );
        }

        if (tightening.Method is TighteningMethod.ByFeel or TighteningMethod.Seated)
        {
            return new(tightening.Method, null, null, Simulated: false);
        }

        if (tightening is { Method: TighteningMethod.Reading, ReadingId: { } id })
        {
            // What the tool said, not what the page says it said: a stand-in's reading stays marked.
            var reading = await readings.FindAsync(id)
                ?? throw new ImpossibleInputException("tightening.readingId", "There is no such reading.");
            return new(
                TighteningMethod.Reading,
                new Torque(reading.NewtonMetres).Read(),
                reading.Tool,
                reading.Simulated
            );
        }

        var unit = TorqueUnits.Read(tightening.Unit, "tightening.unit");
        if (
            tightening.Value is not { } value
            || !double.IsFinite(value)
            || value <= 0
            || Torque.From(value, unit).NewtonMetres > 100
        )
        {
            throw new ImpossibleInputException(
                "tightening.value",
                "The torque must be more than 0 and at most 100 N·m."
            );
        }

        return tightening.Tool is { Length: > 0 and <= 100 } tool
            ? new(tightening.Method, Torque.From(value, unit).Read(), tool, Simulated: false)
            : throw new ImpossibleInputException("tightening.tool", "Say which tool it was, in 1 to 100 characters.");
    }
}
