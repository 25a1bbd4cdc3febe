using Lacet.Core.Cords;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A cord that is not fit as it was seen.</summary>
public sealed class CordUnfit : IJobCheck<JobCord>
{
    private static readonly string[] RestsOn = ["cord", "houseRules.damagedCord"];

    /// <inheritdoc/>
    public string Id => "cord-unfit";

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Cord;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobCord subject)
    {
        var triage = CordTriage.Of([.. subject.Seen], job.Title.Rules.DamagedCord, subject.MouldedToBeHad, new CordPrices());
        if (triage is not { Verdict: not CordVerdict.Keep, Signs: [var worst, ..] })
        {
            return null;
        }

        var what = triage.Verdict switch
        {
            CordVerdict.ScrapNow => "Scrap it",
            CordVerdict.ReplaceCord => "Replace the cord",
            CordVerdict.RefitPlug => "Fit a new plug",
            _ => "Put it right",
        };
        return new Finding(
            Id,
            triage.Verdict == CordVerdict.ScrapNow ? Severity.Stop : Severity.Fix,
            $"{worst.Looks}: {worst.Says}",
            $"{what}. {worst.Do}",
            CordSign.Source,
            RestsOn);
    }
}
