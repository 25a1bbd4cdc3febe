using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Earth is earth, and nothing else.</summary>
public sealed class EarthForAnother : IJobCheck<JobWire>
{
    private static readonly string[] RestsOn =
    [
        "wire.colour",
        "wire.function",
        "wire.a.landingId",
        "wire.b.landingId",
        "landing.identity",
    ];

    /// <inheritdoc/>
    public string Id => "earth-for-another";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Wire;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobWire subject)
    {
        if (
            subject is
            {
                Colour.MarksEarth: true,
                Function: not (WireFunction.Earth or WireFunction.Shield or WireFunction.Unknown)
            }
        )
        {
            return Used(
                $"Wire {subject.Name} is {subject.Colour.ToString()}, the mark of an earth, and is used as {subject.Function.Say()}: the next one will take hold of it as earth."
            );
        }

        return subject.Function != WireFunction.Earth ? null : Wrong(job, subject.A) ?? Wrong(job, subject.B);

        Finding? Wrong(Job job, JobEnd end) =>
            end.LandingId is { } id
            && job.Landings[id] is var landing
            && (landing.Identity.IsHot() || landing.Identity.IsNeutral())
                ? Used(
                    $"Wire {subject.Name} is the earth, and lands on {landing.Name}, which is {landing.Identity.Say()}."
                )
                : null;
    }

    private Finding Used(FormattableString says) =>
        new(
            Id,
            Severity.Stop,
            says,
            $"Take a conductor of the right colour for it, and give the earth its own, on green or PE.",
            "NEC 250.119, 250.126; IEC 60445 (from memory)",
            RestsOn
        );
}
