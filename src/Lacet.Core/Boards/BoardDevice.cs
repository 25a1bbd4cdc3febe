using Lacet.Core.Drawings;

namespace Lacet.Core.Boards;

/// <summary>A device on the board, or the piece of it that stands on one rail.</summary>
/// <param name="DeviceId">Which; null for landings that belong to none.</param>
/// <param name="Name">Its name.</param>
/// <param name="Form">What it looks like.</param>
/// <param name="Label">Where its name is printed, mm; taller than wide is read from below.</param>
/// <param name="Body">Its outline, mm.</param>
/// <param name="Parts">What is drawn of it, lowest first.</param>
/// <param name="Slots">Its landings, in order.</param>
public sealed record BoardDevice(
    Guid? DeviceId,
    string Name,
    DeviceForm Form,
    SceneBox Label,
    SceneBox Body,
    IReadOnlyList<ScenePart> Parts,
    IReadOnlyList<BoardSlot> Slots
)
{
    // Asked for again and again while devices are stood side by side.
    private SceneBox? _room;

    /// <summary>The room that it needs, with the ends that leave it, mm.</summary>
    internal SceneBox Room => _room ??= Around();

    internal BoardDevice Moved(double dx, double dy) =>
        this with
        {
            Label = Label.Moved(dx, dy),
            Body = Body.Moved(dx, dy),
            Parts = [.. Parts.Select(p => p with { Path = p.Path.Moved(dx, dy) })],
            Slots = [.. Slots.Select(s => s.Moved(dx, dy))],
            _room = Room.Moved(dx, dy),
        };

    private SceneBox Around()
    {
        var (left, top, right, bottom) = (
            Math.Min(Body.Left, Label.Left),
            Math.Min(Body.Top, Label.Top),
            Math.Max(Body.Right, Label.Right),
            Math.Max(Body.Bottom, Label.Bottom)
        );
        foreach (var slot in Slots)
        {
            Take(slot.Box.Left, slot.Box.Top);
            Take(slot.Box.Right, slot.Box.Bottom);
            foreach (var stub in slot.Stubs)
            {
                Take(stub.X, stub.Y);
                Take(stub.ToX, stub.ToY);
            }
        }

        return new(left, top, right, bottom);

        void Take(double x, double y) =>
            (left, top, right, bottom) = (Math.Min(left, x), Math.Min(top, y), Math.Max(right, x), Math.Max(bottom, y));
    }
}
