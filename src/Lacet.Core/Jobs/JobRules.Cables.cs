namespace Lacet.Core.Jobs;

/// <content>What must hold of bridges and cables.</content>
internal static partial class JobRules
{
    private static void CheckBridge(Job job, JobBridge bridge)
    {
        Hold(
            bridge.Landings.Distinct().Count() == bridge.Landings.Count
                && bridge.Landings.Count is >= 2 and <= JobBridge.MostLandings,
            $"A bridge joins 2 to {JobBridge.MostLandings} terminals, each once.",
            "landings"
        );
        Hold(
            bridge.Landings.All(job.Landings.ContainsKey),
            "A bridge joins a landing that is not in this job.",
            "landings"
        );
        var on = bridge.Landings.Select(id => job.Landings[id]).ToList();
        Hold(
            on.Select(l => l.EnclosureId).Distinct().Count() == 1,
            "A bridge joins terminals of one enclosure. What leads from one to another is a wire.",
            "landings"
        );
        Hold(
            on.TrueForAll(l => l.Splice is null),
            "A splice takes wires, not a bridge. Leave it out of the bridge.",
            "landings"
        );
        Within(bridge.RatingAmps, 0.1, 6000, "ratingAmps", "A rating is from 0.1 to 6,000 A.");
    }

    private static void CheckCable(Job job, JobCable cable)
    {
        CheckName(cable.Name, "A cable");
        Once(job, cable.Kind, Guid.Empty, cable.Name, "cable");
        Within(
            cable.Count,
            1,
            JobCable.MostConductors,
            "count",
            $"A cable has 1 to {JobCable.MostConductors} conductors."
        );
        Within(cable.JacketDiameter?.Millimetres, 2, 80, "jacketDiameterMm", "A jacket’s diameter is from 2 to 80 mm.");
        Hold(
            cable.Reaches.Select(r => r.EnclosureId).Distinct().Count() == cable.Reaches.Count
                && cable.Reaches.All(r => job.Enclosures.ContainsKey(r.EnclosureId)),
            $"{cable.Name} enters an enclosure that is not in this job, or one twice.",
            "reaches"
        );
        foreach (var reach in cable.Reaches)
        {
            Within(
                reach.Reach?.Millimetres,
                5,
                5000,
                "reaches",
                "The way from the clamp to the furthest landing is from 5 to 5,000 mm."
            );
        }
    }
}
