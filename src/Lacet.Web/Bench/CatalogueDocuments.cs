using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;

namespace Lacet.Web.Bench;

/// <summary>A size in the wire rack.</summary>
/// <param name="Name">Its name.</param>
/// <param name="System">The system that names it.</param>
/// <param name="Area">Its area in both systems.</param>
/// <param name="InsulationOuterDiameter">Typical outside diameter of its insulation.</param>
/// <param name="Section">Its cross-section, to scale.</param>
public sealed record RackSize(
    string Name,
    SizeSystem System,
    Readout Area,
    Readout InsulationOuterDiameter,
    SceneDocument Section
);

/// <summary>A kind of landing in the picker.</summary>
/// <param name="Kind">The kind.</param>
/// <param name="Name">What a person calls it.</param>
/// <param name="IsTightened">Whether it is tightened to a torque.</param>
/// <param name="Samples">Usual ones; the middle is what most people have in hand.</param>
public sealed record LandingKind(string Kind, string Name, bool IsTightened, IReadOnlyList<LandingSample> Samples);

/// <summary>A landing in the picker.</summary>
/// <param name="Name">What a person calls it.</param>
/// <param name="Landing">Its data.</param>
/// <param name="Drawing">Its drawing, to scale.</param>
public sealed record LandingSample(string Name, LandingDocument Landing, SceneDocument Drawing);

/// <summary>A usual pair of wire and landing, for a device that remembers none yet.</summary>
/// <param name="Conductor">The wire.</param>
/// <param name="Landing">Where it goes.</param>
public sealed record StarterPair(ConductorDocument Conductor, LandingDocument Landing);
