using Lacet.Core.Circuits;
using Lacet.Core.Ferrules;
using Lacet.Core.Quantities;
using Lacet.Core.Torques;

namespace Lacet.Core.Recipes;

/// <summary>How a conductor goes into a landing. A stop gives no strip, no torque and no steps.</summary>
/// <param name="Verdict">Stop, caution, read or go.</param>
/// <param name="Strip">Bare metal from the cut insulation to the tip; null at a stop.</param>
/// <param name="Preparation">What is done to the end.</param>
/// <param name="Ferrule">The ferrule; null without one.</param>
/// <param name="Torque">The torque; null at a stop, and where nothing is tightened.</param>
/// <param name="Holding">What holds it, where nothing is tightened; null otherwise.</param>
/// <param name="Tools">What to take in hand.</param>
/// <param name="Steps">What to do, in order.</param>
/// <param name="Cautions">One line each.</param>
/// <param name="Findings">What is wrong or worth knowing, worst first.</param>
/// <param name="Reasons">Why each reading is what it is.</param>
/// <param name="Alternatives">Other ways to prepare the end.</param>
/// <param name="Undo">How it is undone again; null at a stop.</param>
public sealed record Recipe(
    Verdict Verdict,
    Window<Length>? Strip,
    Preparation Preparation,
    FerruleChoice? Ferrule,
    TorqueChoice? Torque,
    Holding? Holding,
    IReadOnlyList<FormattableString> Tools,
    IReadOnlyList<Step> Steps,
    IReadOnlyList<FormattableString> Cautions,
    IReadOnlyList<Finding> Findings,
    IReadOnlyList<Reason> Reasons,
    IReadOnlyList<Alternative> Alternatives,
    FormattableString? Undo
)
{
    /// <summary>What the wire may carry there; null where no table has it, and at a stop.</summary>
    public Ampacity? Ampacity { get; init; }

    /// <summary>What rests on a usual value, and where it is printed; empty where everything was read.</summary>
    public IReadOnlyList<ReadOff> ReadOff { get; init; } = [];
}
