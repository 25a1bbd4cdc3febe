using Lacet.Core.Conductors;
using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Strands finer than class B or C go only where the landing is identified for them.</summary>
public sealed class FineStrandsUnsupported : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.build", "landing.ferrule", "houseRules.ferrulesOnFineStrands"];

    /// <inheritdoc/>
    public string Id => "fine-strands-unsupported";

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
                RestsOn),
            ScrewClampBlock { Ferrule: FerruleAcceptance.Forbidden } => new Finding(
                Id,
                Severity.Fix,
                $"Fine strands without a ferrule go only where the block is identified for them, and this one takes no ferrule.",
                $"Find the mark for fine strands (class 5, flexible) on the block; without it, take a block that allows a ferrule listed for the wire.",
                "NEC 110.14; UL 486F for ferrules (from memory)",
                RestsOn),
            ScrewClampBlock { Ferrule: FerruleAcceptance.Allowed } when plan.Rules.FerrulesOnFineStrands != FerrulesOnFineStrands.Required => new Finding(
                Id,
                Severity.Note,
                $"Fine strands bare, as the house rule has it: the block must be identified for them.",
                $"Find the mark for fine strands on the block, or fit a ferrule.",
                "NEC 110.14 (from memory)",
                RestsOn),
            _ => null,
        };
    }
}
