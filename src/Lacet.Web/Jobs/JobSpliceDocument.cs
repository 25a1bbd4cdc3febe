using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;
using Lacet.Web.Splices;
using Lacet.Workshop.Jobs;

namespace Lacet.Web.Jobs;

/// <summary>A splice of a job.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Connector">What joins it.</param>
/// <param name="Joint">How it is joined.</param>
/// <param name="Ends">Its ends, in a few words each.</param>
/// <param name="Pigtails">Wires from it to landings in the same enclosure, as they are to be cut.</param>
public sealed record JobSpliceDocument(
    string Name,
    SpliceConnector Connector,
    SpliceDocument Joint,
    IReadOnlyList<string> Ends,
    IReadOnlyList<JobPigtail> Pigtails
)
{
    internal static JobSpliceDocument? Of(JobSession job, JobLanding landing, ReaderFormat reader)
    {
        if (OfSplice.JoinOf(job.Job, landing) is not { } join)
        {
            return null;
        }

        var joint = SpliceDocument.Of(join, job.Job.Title.Rules, reader);
        var ends = job.Job.EndsAt(landing.Id);
        return new(
            landing.Name,
            landing.Splice!,
            joint,
            [
                .. ends.Select(e =>
                    string.Join(
                        ' ',
                        new[]
                        {
                            $"wire {e.Wire.Name}",
                            e.Wire.Conductor?.ToString(),
                            e.Wire.Colour?.ToString(),
                        }.OfType<string>()
                    )
                ),
            ],
            [
                .. ends.Select(e => Pigtail(job, landing, e, SpliceRecipe.StripFor(join, job.Job.Title.Rules)))
                    .OfType<JobPigtail>(),
            ]
        );
    }

    private static JobPigtail? Pigtail(JobSession job, JobLanding splice, EndOfWire end, Length spliceStrip)
    {
        if (
            end.Other.LandingId is not { } id
            || job.Job.Landings[id] is not { Splice: null } landing
            || landing.EnclosureId != splice.EnclosureId
        )
        {
            return null;
        }

        var other = end.Side == EndSide.A ? EndSide.B : EndSide.A;
        var strip = job.Judged.Plan(end.Wire.Id, other) is { } plan ? RecipeBook.For(plan.AtHand).Strip?.Target : null;
        var planned = SplicePigtail.Of(spliceStrip, strip);
        return new(
            end.Wire.Id,
            end.Wire.Name,
            landing.Name,
            planned.Length.Read(),
            planned.Spare.Read(),
            planned.Reworks,
            end.Wire.Length?.Read(),
            end.Wire.Length < planned.Length
        );
    }
}

/// <summary>A pigtail of a job.</summary>
/// <param name="WireId">The wire.</param>
/// <param name="Wire">Its name.</param>
/// <param name="To">The landing that it reaches.</param>
/// <param name="Cut">What is to be cut.</param>
/// <param name="Spare">What of that is there for making it anew.</param>
/// <param name="Reworks">How often.</param>
/// <param name="Listed">The length in the wire list; null where it has none.</param>
/// <param name="IsShort">Whether that is less.</param>
public sealed record JobPigtail(
    Guid WireId,
    string Wire,
    string To,
    Readout Cut,
    Readout Spare,
    int Reworks,
    Readout? Listed,
    bool IsShort
);
