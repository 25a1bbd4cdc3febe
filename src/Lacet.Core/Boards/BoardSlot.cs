using Lacet.Core.Drawings;

namespace Lacet.Core.Boards;

/// <summary>A landing in its place on the board.</summary>
/// <param name="LandingId">Which.</param>
/// <param name="Mark">Its name as it is printed on the device: without the device’s own.</param>
/// <param name="Box">Its place, mm.</param>
/// <param name="Stubs">The ends that are drawn.</param>
/// <param name="More">How many more ends land here than there is room to draw.</param>
public sealed record BoardSlot(Guid LandingId, string Mark, SceneBox Box, IReadOnlyList<BoardStub> Stubs, int More)
{
    internal BoardSlot Moved(double dx, double dy) =>
        this with
        {
            Box = Box.Moved(dx, dy),
            Stubs = [.. Stubs.Select(s => s.Moved(dx, dy))],
        };
}
