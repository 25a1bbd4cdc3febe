using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Strands finer than class B or C go only where the landing is identified for them.</summary>
public sealed class FineStrandsUnsupported : IEndCheck
{
    private static readonly string[] RestsOn =
    [
        "conductor.build",
        "landing.ferrule",
        "houseRules.ferrulesOnFineStrands",
    ];

    /// <inheritdoc/>
    public string Id => "fine-strands-unsupported";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan)
    {
        if (plan.Conductor.Build != Build.FineStranded || plan.Ferrule is not null)
        {
            return null;
        }

        return plan.Landing switch
        {
            BindingScrew => new Finding(
                Id,
                Severity.Fix,
                $"Fine strands spread from under a screw head, and they go only where the device is identified for them.",
                $"Crimp on a ring or fork listed for this wire and screw, or use a clamp that is marked for fine strands. Never a ferrule under the head.",
                "NEC 110.14 (from memory); common practice",
                RestsOn
            ),
            ScrewClampBlock { Ferrule: FerruleAcceptance.Forbidden } => Unidentified(
                Severity.Fix,
                $"Fine strands without a ferrule go only where the block is identified for them, and this one takes no ferrule.",
                $"Find the mark for fine strands (class 5, flexible) on the block; without it, take a block that allows a ferrule listed for the wire."
            ),
            PrintedLanding { AcceptsIsGiven: true } => null,
            ScrewClampBlock or PushInBlock when plan.Rules.FerrulesOnFineStrands != FerrulesOnFineStrands.Required =>
                Unidentified(
                    Severity.Note,
                    $"Fine strands bare, as the house rule has it: the block must be identified for them.",
                    $"Find the mark for fine strands on the block, or fit a ferrule."
                ),
            BackWireClamp => Unidentified(
                Severity.Fix,
                $"Fine strands go under a clamp plate only where the device is identified for them.",
                $"Find the mark for fine strands on the device; without it, splice a solid or stranded pigtail."
            ),
            SetScrewLug => Unidentified(
                Severity.Fix,
                $"A set screw splays fine strands to about half the contact of a sleeved end, and the lug must be identified for them.",
                $"Take a lug identified for fine strands, or crimp on a sleeve listed for the wire where the lug’s sheet allows one."
            ),
            CrimpedLug => Unidentified(
                Severity.Note,
                $"Fine strands fill a barrel differently: lug and die must be listed for them.",
                $"Read the lug’s sheet for flexible conductors, class 5 or finer than class C."
            ),
            _ => null,
        };
    }

    private Finding Unidentified(Severity severity, FormattableString says, FormattableString @do) =>
        new(Id, severity, says, @do, "NEC 110.14; UL 486F for ferrules (from memory)", RestsOn);
}
