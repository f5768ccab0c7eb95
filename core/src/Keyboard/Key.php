<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/**
 * One physical key, named by its W3C `KeyboardEvent.code`
 * (UI Events KeyboardEvent code Values, W3C Recommendation).
 */
enum Key: string
{
    case KeyA = 'KeyA';
    case KeyB = 'KeyB';
    case KeyC = 'KeyC';
    case KeyD = 'KeyD';
    case KeyE = 'KeyE';
    case KeyF = 'KeyF';
    case KeyG = 'KeyG';
    case KeyH = 'KeyH';
    case KeyI = 'KeyI';
    case KeyJ = 'KeyJ';
    case KeyK = 'KeyK';
    case KeyL = 'KeyL';
    case KeyM = 'KeyM';
    case KeyN = 'KeyN';
    case KeyO = 'KeyO';
    case KeyP = 'KeyP';
    case KeyQ = 'KeyQ';
    case KeyR = 'KeyR';
    case KeyS = 'KeyS';
    case KeyT = 'KeyT';
    case KeyU = 'KeyU';
    case KeyV = 'KeyV';
    case KeyW = 'KeyW';
    case KeyX = 'KeyX';
    case KeyY = 'KeyY';
    case KeyZ = 'KeyZ';
    case Digit1 = 'Digit1';
    case Digit2 = 'Digit2';
    case Digit3 = 'Digit3';
    case Digit4 = 'Digit4';
    case Digit5 = 'Digit5';
    case Digit6 = 'Digit6';
    case Digit7 = 'Digit7';
    case Digit8 = 'Digit8';
    case Digit9 = 'Digit9';
    case Digit0 = 'Digit0';
    case Enter = 'Enter';
    case Escape = 'Escape';
    case Backspace = 'Backspace';
    case Tab = 'Tab';
    case Space = 'Space';
    case Minus = 'Minus';
    case Equal = 'Equal';
    case BracketLeft = 'BracketLeft';
    case BracketRight = 'BracketRight';
    case Backslash = 'Backslash';
    case Semicolon = 'Semicolon';
    case Quote = 'Quote';
    case Backquote = 'Backquote';
    case Comma = 'Comma';
    case Period = 'Period';
    case Slash = 'Slash';
    case CapsLock = 'CapsLock';
    case F1 = 'F1';
    case F2 = 'F2';
    case F3 = 'F3';
    case F4 = 'F4';
    case F5 = 'F5';
    case F6 = 'F6';
    case F7 = 'F7';
    case F8 = 'F8';
    case F9 = 'F9';
    case F10 = 'F10';
    case F11 = 'F11';
    case F12 = 'F12';
    case Fn = 'Fn';
    case PrintScreen = 'PrintScreen';
    case ScrollLock = 'ScrollLock';
    case Pause = 'Pause';
    case Insert = 'Insert';
    case Home = 'Home';
    case PageUp = 'PageUp';
    case Delete = 'Delete';
    case End = 'End';
    case PageDown = 'PageDown';
    case ArrowRight = 'ArrowRight';
    case ArrowLeft = 'ArrowLeft';
    case ArrowDown = 'ArrowDown';
    case ArrowUp = 'ArrowUp';
    case NumLock = 'NumLock';
    case NumpadDivide = 'NumpadDivide';
    case NumpadMultiply = 'NumpadMultiply';
    case NumpadSubtract = 'NumpadSubtract';
    case NumpadAdd = 'NumpadAdd';
    case NumpadEnter = 'NumpadEnter';
    case Numpad1 = 'Numpad1';
    case Numpad2 = 'Numpad2';
    case Numpad3 = 'Numpad3';
    case Numpad4 = 'Numpad4';
    case Numpad5 = 'Numpad5';
    case Numpad6 = 'Numpad6';
    case Numpad7 = 'Numpad7';
    case Numpad8 = 'Numpad8';
    case Numpad9 = 'Numpad9';
    case Numpad0 = 'Numpad0';
    case NumpadDecimal = 'NumpadDecimal';
    case IntlBackslash = 'IntlBackslash';
    case ContextMenu = 'ContextMenu';
    case NumpadEqual = 'NumpadEqual';
    case F13 = 'F13';
    case F14 = 'F14';
    case F15 = 'F15';
    case F16 = 'F16';
    case F17 = 'F17';
    case F18 = 'F18';
    case F19 = 'F19';
    case F20 = 'F20';
    case F21 = 'F21';
    case F22 = 'F22';
    case F23 = 'F23';
    case F24 = 'F24';
    case NumpadComma = 'NumpadComma';
    case IntlRo = 'IntlRo';
    case KanaMode = 'KanaMode';
    case IntlYen = 'IntlYen';
    case Convert = 'Convert';
    case NonConvert = 'NonConvert';
    case Lang1 = 'Lang1';
    case Lang2 = 'Lang2';
    case ControlLeft = 'ControlLeft';
    case ShiftLeft = 'ShiftLeft';
    case AltLeft = 'AltLeft';
    case MetaLeft = 'MetaLeft';
    case ControlRight = 'ControlRight';
    case ShiftRight = 'ShiftRight';
    case AltRight = 'AltRight';
    case MetaRight = 'MetaRight';

    /** The key's usage number on the Keyboard/Keypad page (0x07) of the USB HID Usage Tables. */
    public function usage(): ?int
    {
        return match ($this) {
            self::KeyA => 0x04,
            self::KeyB => 0x05,
            self::KeyC => 0x06,
            self::KeyD => 0x07,
            self::KeyE => 0x08,
            self::KeyF => 0x09,
            self::KeyG => 0x0A,
            self::KeyH => 0x0B,
            self::KeyI => 0x0C,
            self::KeyJ => 0x0D,
            self::KeyK => 0x0E,
            self::KeyL => 0x0F,
            self::KeyM => 0x10,
            self::KeyN => 0x11,
            self::KeyO => 0x12,
            self::KeyP => 0x13,
            self::KeyQ => 0x14,
            self::KeyR => 0x15,
            self::KeyS => 0x16,
            self::KeyT => 0x17,
            self::KeyU => 0x18,
            self::KeyV => 0x19,
            self::KeyW => 0x1A,
            self::KeyX => 0x1B,
            self::KeyY => 0x1C,
            self::KeyZ => 0x1D,
            self::Digit1 => 0x1E,
            self::Digit2 => 0x1F,
            self::Digit3 => 0x20,
            self::Digit4 => 0x21,
            self::Digit5 => 0x22,
            self::Digit6 => 0x23,
            self::Digit7 => 0x24,
            self::Digit8 => 0x25,
            self::Digit9 => 0x26,
            self::Digit0 => 0x27,
            self::Enter => 0x28,
            self::Escape => 0x29,
            self::Backspace => 0x2A,
            self::Tab => 0x2B,
            self::Space => 0x2C,
            self::Minus => 0x2D,
            self::Equal => 0x2E,
            self::BracketLeft => 0x2F,
            self::BracketRight => 0x30,
            self::Backslash => 0x31,
            self::Semicolon => 0x33,
            self::Quote => 0x34,
            self::Backquote => 0x35,
            self::Comma => 0x36,
            self::Period => 0x37,
            self::Slash => 0x38,
            self::CapsLock => 0x39,
            self::F1 => 0x3A,
            self::F2 => 0x3B,
            self::F3 => 0x3C,
            self::F4 => 0x3D,
            self::F5 => 0x3E,
            self::F6 => 0x3F,
            self::F7 => 0x40,
            self::F8 => 0x41,
            self::F9 => 0x42,
            self::F10 => 0x43,
            self::F11 => 0x44,
            self::F12 => 0x45,
            self::Fn => null,
            self::PrintScreen => 0x46,
            self::ScrollLock => 0x47,
            self::Pause => 0x48,
            self::Insert => 0x49,
            self::Home => 0x4A,
            self::PageUp => 0x4B,
            self::Delete => 0x4C,
            self::End => 0x4D,
            self::PageDown => 0x4E,
            self::ArrowRight => 0x4F,
            self::ArrowLeft => 0x50,
            self::ArrowDown => 0x51,
            self::ArrowUp => 0x52,
            self::NumLock => 0x53,
            self::NumpadDivide => 0x54,
            self::NumpadMultiply => 0x55,
            self::NumpadSubtract => 0x56,
            self::NumpadAdd => 0x57,
            self::NumpadEnter => 0x58,
            self::Numpad1 => 0x59,
            self::Numpad2 => 0x5A,
            self::Numpad3 => 0x5B,
            self::Numpad4 => 0x5C,
            self::Numpad5 => 0x5D,
            self::Numpad6 => 0x5E,
            self::Numpad7 => 0x5F,
            self::Numpad8 => 0x60,
            self::Numpad9 => 0x61,
            self::Numpad0 => 0x62,
            self::NumpadDecimal => 0x63,
            self::IntlBackslash => 0x64,
            self::ContextMenu => 0x65,
            self::NumpadEqual => 0x67,
            self::F13 => 0x68,
            self::F14 => 0x69,
            self::F15 => 0x6A,
            self::F16 => 0x6B,
            self::F17 => 0x6C,
            self::F18 => 0x6D,
            self::F19 => 0x6E,
            self::F20 => 0x6F,
            self::F21 => 0x70,
            self::F22 => 0x71,
            self::F23 => 0x72,
            self::F24 => 0x73,
            self::NumpadComma => 0x85,
            self::IntlRo => 0x87,
            self::KanaMode => 0x88,
            self::IntlYen => 0x89,
            self::Convert => 0x8A,
            self::NonConvert => 0x8B,
            self::Lang1 => 0x90,
            self::Lang2 => 0x91,
            self::ControlLeft => 0xE0,
            self::ShiftLeft => 0xE1,
            self::AltLeft => 0xE2,
            self::MetaLeft => 0xE3,
            self::ControlRight => 0xE4,
            self::ShiftRight => 0xE5,
            self::AltRight => 0xE6,
            self::MetaRight => 0xE7,
        };
    }

    /** The modifier this key stands for while it is held, or null for any other key. */
    public function modifier(): ?Modifier
    {
        return match ($this) {
            self::ControlLeft, self::ControlRight => Modifier::Control,
            self::ShiftLeft, self::ShiftRight => Modifier::Shift,
            self::AltLeft, self::AltRight => Modifier::Alt,
            self::MetaLeft, self::MetaRight => Modifier::Meta,
            default => null,
        };
    }

    /** Whether the key does nothing by itself and so cannot be a chord's key. */
    public function isOnlyHeld(): bool
    {
        return $this === self::Fn || $this->modifier() !== null;
    }

    public function isOnNumberPad(): bool
    {
        return str_starts_with($this->value, 'Numpad') || $this === self::NumLock;
    }
}
