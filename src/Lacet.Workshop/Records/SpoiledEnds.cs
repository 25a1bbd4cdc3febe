using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Rework;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.Records;

/// <summary>Ends of jobs that something is wrong with.</summary>
public static class SpoiledEnds
{
    /// <summary>
    /// An end of a job with what is wrong with it. Throws <see cref="ImpossibleInputException"/> where its wire is not
    /// known.
    /// </summary>
    public static SpoiledEnd Of(JobSession job, EndOfWire end, FaultsFound found)
    {
        var landing = end.End.LandingId is { } at ? job.Job.Landings[at] : null;
        return new(
            end.Wire.Conductor
                ?? throw new ImpossibleInputException(
                    "subject",
                    "The size of that wire is not known: set it in the job first."
                ),
            found.Read(),
            job.Job.Title.Rules.StrandLoss
        )
        {
            InLug = landing?.Landing is { } known && SpoiledEnd.IsLug(known.Kind),
            InHook = landing?.Landing is { } screwed && SpoiledEnd.IsHook(screwed.Kind),
            Strip = job.Judged.Plan(end.Wire.Id, end.Side) is { } plan
                ? RecipeBook.For(plan.AtHand).Strip?.Target
                : null,
            Free = end.End.FreeLength,
            PastOpening = end.End.PastOpening,
            Opening = landing is null ? null : job.Job.Enclosures[landing.EnclosureId].Opening,
        };
    }
}
