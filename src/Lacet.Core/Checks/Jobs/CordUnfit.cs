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
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Cord;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobCord subject)
    {
        var triage = CordTriage.Of(
            [.. subject.Seen],
            [.. subject.Sound],
            job.Title.Rules.DamagedCord,
            subject.MouldedToBeHad,
            new CordPrices()
        );
        if (triage.Verdict == CordVerdict.LookFirst)
        {
            return new Finding(
                Id,
                Severity.Note,
                $"Not judged: nobody looked at {string.Join(", ", triage.NotLookedAt.Select(CordSign.Say))}.",
                $"Look at each place from plug to entry, and say that it is sound or what is wrong there.",
                CordSign.Source,
                RestsOn
            );
        }

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
            RestsOn
        );
    }
}
